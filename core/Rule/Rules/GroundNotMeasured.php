<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GroundNotMeasured implements Rule
{
    public function key(): string
    {
        return 'ground-not-measured';
    }

    public function group(): Group
    {
        return Group::Equipment;
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function reason(): string
    {
        return 'Dirty hooks insulate, and nobody sees it.';
    }

    public function wayOut(): string
    {
        return 'Measure part to earth for this rack today.';
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->coats !== [] && ! $plan->facts->equipment->groundMeasuredToday && ! $plan->has(StepKind::GroundCheck)
            ? 'the ground of this rack was not measured today'
            : null;
    }
}
