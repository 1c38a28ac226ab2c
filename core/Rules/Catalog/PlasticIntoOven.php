<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Layer;

/** A thermoplastic coating that goes into the shop's own oven. */
final class PlasticIntoOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plastic-into-oven',
            Group::Order,
            Severity::Stop,
            'PVC and fluoropolymer give off corrosive, poisonous gas in the powder oven.',
            'Take it off before the part sees any oven; never burn it off.',
            'makers\' safety data sheets',
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $oven = $plan->find(0, fn (Step $step): bool => $step->kind->bakes());
        $surface = $plan->floor->surface ?? ($oven === null ? null : SurfaceLedger::before($plan, $oven));

        return $surface?->has(Layer::PlasticCoating)
            ? "{$part->name} goes into an oven with PVC, nylon or fluoropolymer on it"
            : null;
    }
}
