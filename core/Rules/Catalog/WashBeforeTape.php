<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

final class WashBeforeTape extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'wash-before-tape',
            Group::Order,
            Severity::Warn,
            'Water shut in under tape or a plug boils in the oven and lifts the film.',
            'Wash and dry before masking.',
            self::PRACTICE,
            [Checkpoint::Route],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $tape = $plan->first(StepKind::TapeMask);
        $wash = $plan->first(StepKind::Wash, StepKind::Phosphate, StepKind::Conversion);

        return $tape !== null && $wash !== null && $wash > $tape ? 'the part is washed after it is taped' : null;
    }
}
