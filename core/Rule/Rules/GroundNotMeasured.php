<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class GroundNotMeasured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-not-measured',
            Group::Equipment,
            Severity::Warn,
            'Dirty hooks insulate, and nobody sees it.',
            'Measure part to earth for this rack today.',
            self::PRACTICE,
            [Moment::Route, Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $planned = $plan->has(StepKind::GroundCheck);

        return $plan->facts->coats !== [] && ! $plan->facts->equipment->groundMeasuredToday && ! $planned
            ? 'the ground of this rack was not measured today'
            : null;
    }
}
