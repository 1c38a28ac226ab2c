<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $tape = $plan->first(StepKind::TapeMask);
        $wash = $plan->first(StepKind::Wash, StepKind::Phosphate, StepKind::Conversion);

        return $tape !== null && $wash !== null && $wash > $tape ? 'the part is washed after it is taped' : null;
    }
}
