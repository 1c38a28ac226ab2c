<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Route\SurfaceLedger;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
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
            [Moment::Route, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $oven = $plan->find(0, fn (Step $step): bool => $step->kind->bakes());
        $surface = $plan->floor->surface ?? ($oven === null ? null : SurfaceLedger::before($plan, $oven));

        return $surface?->has(Layer::PlasticCoating)
            ? "{$part->name} goes into an oven with PVC, nylon or fluoropolymer on it"
            : null;
    }
}
