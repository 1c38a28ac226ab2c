<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?string
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
