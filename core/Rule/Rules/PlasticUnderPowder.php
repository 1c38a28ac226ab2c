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

/** A thermoplastic coating under the first coat. */
final class PlasticUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plastic-under-powder',
            Group::Order,
            Severity::Stop,
            'PVC, nylon and fluoropolymer soften or gas in the bake, and powder does not hold on them.',
            'Take it off by hand, by stripper or by blast; never burn it off.',
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

        return $surface?->has(Layer::PlasticCoating)
            ? "{$plan->facts->part->name} still carries PVC, nylon or fluoropolymer when the first coat goes on"
            : null;
    }
}
