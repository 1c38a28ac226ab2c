<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class FluorideBath extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'fluoride-bath',
            Group::Metal,
            Severity::Note,
            'Deoxidisers and some conversion baths hold fluoride: its burns are felt hours later and go deep.',
            'Gloves of the class the sheet names, face shield, calcium gluconate gel at hand, first aid by local rule.',
            'makers\' safety data sheets',
            [Checkpoint::Route, Checkpoint::Wash],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        return $plan->has(StepKind::Conversion) ? 'a conversion line with its deoxidiser is planned' : null;
    }
}
