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

/** Loose rust still on the metal when the first coat goes on. */
final class RustUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rust-under-powder',
            Group::Order,
            Severity::Stop,
            'Rust under powder keeps growing, and the film lifts off it.',
            'Blast, pickle, grind or convert it first.',
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

        return $surface?->has(Layer::Rust)
            ? "{$plan->facts->part->name} is still rusty when the first coat goes on"
            : null;
    }
}
