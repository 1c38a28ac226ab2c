<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\SurfaceLedger;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Surface\Layer;

/** Grease, or oil that came out in the bake-out, under the first coat. */
final class GreaseUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'grease-under-powder',
            Group::Order,
            Severity::Stop,
            'Powder does not wet grease or oil: fisheyes, and the film peels.',
            'Degrease or wash before the first coat; wipe off what the bake-out brought up.',
            self::PRACTICE,
            [Moment::Route, Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(Plan $plan): ?string
    {
        $surface = SurfaceLedger::beforePowder($plan);

        return $surface?->has(Layer::Grease, Layer::BakeOutOil)
            ? "{$plan->facts->part->name} is still greasy when the first coat goes on"
            : null;
    }
}
