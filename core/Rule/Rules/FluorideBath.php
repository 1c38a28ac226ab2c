<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route, Moment::Wash],
        );
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->has(StepKind::Conversion) ? 'a conversion line with its deoxidiser is planned' : null;
    }
}
