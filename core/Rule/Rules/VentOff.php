<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class VentOff extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'vent-off', Group::Equipment, Severity::Stop,
            'Curing powder gives off vapours that must leave the oven.',
            'Vent on.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        return ! $plan->facts->equipment->ovenVentOn && $plan->has(StepKind::Bake, StepKind::BakeOut)
            ? 'the oven\'s vent is off'
            : null;
    }
}
