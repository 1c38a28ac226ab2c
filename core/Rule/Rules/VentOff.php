<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class VentOff implements Rule
{
    public function key(): string
    {
        return 'vent-off';
    }

    public function group(): Group
    {
        return Group::Equipment;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Curing powder gives off vapours that must leave the oven.';
    }

    public function wayOut(): string
    {
        return 'Vent on.';
    }

    public function applies(Plan $plan): ?string
    {
        return ! $plan->facts->equipment->ovenVentOn && $plan->has(StepKind::Bake, StepKind::BakeOut)
            ? 'the oven\'s vent is off'
            : null;
    }
}
