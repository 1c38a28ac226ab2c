<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Trade\StepKind;

final class OilIntoOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oil-into-oven',
            Group::Order,
            Severity::Stop,
            'Oil in an oven is vapour its vent was not made for; smoke means stop.',
            'Degrease before anything goes into an oven.',
            'EN 1539: an oven\'s vent holds vapour under a quarter of its lower explosive limit',
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $oven = $plan->find(0, fn (Step $step): bool => $step->kind->bakes());
        $clean = $plan->first(StepKind::Degrease, StepKind::StripCaustic, StepKind::BurnOff);

        if ($plan->floor->surface?->has(Layer::Grease) === true) {
            return "{$part->name} goes into an oven, and no degreasing of it was done";
        }

        return $part->isGreasy() && $oven !== null && ($clean === null || $clean > $oven)
            ? "{$part->name} is greasy and goes into an oven ".
                    ($clean === null ? 'without being' : 'before it is').
                    ' degreased'
            : null;
    }
}
