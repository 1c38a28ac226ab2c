<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GroundNotMeasured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-not-measured', Group::Equipment, Severity::Warn,
            'Dirty hooks insulate, and nobody sees it.',
            'Measure part to earth for this rack today.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->coats !== [] && ! $plan->facts->equipment->groundMeasuredToday && ! $plan->has(StepKind::GroundCheck)
            ? 'the ground of this rack was not measured today'
            : null;
    }
}
