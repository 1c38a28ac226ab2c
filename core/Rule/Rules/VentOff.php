<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class VentOff extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'vent-off',
            Group::Equipment,
            Severity::Stop,
            'Curing powder gives off vapours that must leave the oven.',
            'Vent on.',
            'EN 1539',
            [Moment::Route, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(Plan $plan): ?string
    {
        $bakes = $plan->has(StepKind::Bake, StepKind::BakeOut);

        return ! $plan->facts->equipment->ovenVentOn && $bakes ? 'the oven\'s vent is off' : null;
    }
}
