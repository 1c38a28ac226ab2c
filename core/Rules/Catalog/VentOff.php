<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(PartRouting $plan): ?string
    {
        $bakes = $plan->has(StepKind::Bake, StepKind::BakeOut);

        return ! $plan->facts->equipment->ovenVentOn && $bakes ? 'the oven\'s vent is off' : null;
    }
}
