<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class WashBeforeTape extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'wash-before-tape', Group::Order, Severity::Warn,
            'Water shut in under tape or a plug boils in the oven and lifts the film.',
            'Wash and dry before masking.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $tape = $plan->first(StepKind::TapeMask);
        $wash = $plan->first(StepKind::Wash, StepKind::Phosphate, StepKind::Conversion);

        return $tape !== null && $wash !== null && $wash > $tape
            ? 'the part is washed after it is taped'
            : null;
    }
}
