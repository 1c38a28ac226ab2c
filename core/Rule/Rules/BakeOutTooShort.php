<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutTooShort implements Rule
{
    public function key(): string
    {
        return 'bake-out-too-short';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function reason(): string
    {
        return 'Gas needs time to leave thick metal.';
    }

    public function wayOut(): string
    {
        return 'Hold at least 30 minutes at part temperature.';
    }

    public function applies(Plan $plan): ?string
    {
        $step = $plan->all(StepKind::BakeOut)[0] ?? null;

        return $step !== null && ($step->holdMinutes ?? 0) < 30
            ? sprintf('the bake-out holds %.0f min', $step->holdMinutes ?? 0)
            : null;
    }
}
