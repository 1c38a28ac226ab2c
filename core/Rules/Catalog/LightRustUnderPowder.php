<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Layer;

/** Light rust left on, or taken by phosphate alone on a part that goes outdoors. */
final class LightRustUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'light-rust-under-powder',
            Group::Order,
            Severity::Sign,
            'Light rust left under powder creeps from the first scratch, sooner outdoors.',
            'Sweep blast it. Indoors, scrubbing and phosphate will do.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(PartRouting $plan): ?string
    {
        $surface = SurfaceLedger::beforePowder($plan);

        $traces = $plan->facts->outdoors() && $surface?->has(Layer::PhosphateOverRust) === true;

        return match (true) {
            $surface?->has(Layer::LightRust) === true => "{$plan->facts->part->name} still has light rust on it",
            $traces => "{$plan->facts->part->name} goes outdoors with rust that only scrubbing and phosphate took",
            default => null,
        };
    }
}
