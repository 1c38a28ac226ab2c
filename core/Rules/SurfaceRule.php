<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Surface\Layer;

/** A rule about a layer that must be gone when the first coat goes on. */
abstract class SurfaceRule extends Rule
{
    /**
     * @param  string  $says  predicate of the part, as in "is still rusty"
     * @param  non-empty-list<Layer>  $layers  any of them
     */
    public function __construct(
        string $key,
        Severity $severity,
        string $reason,
        string $wayOut,
        private readonly string $says,
        private readonly array $layers,
    ) {
        parent::__construct(
            $key,
            Group::Order,
            $severity,
            $reason,
            $wayOut,
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
        return SurfaceLedger::beforePowder($plan)?->has(...$this->layers)
            ? "{$plan->facts->part->name} {$this->says} when the first coat goes on"
            : null;
    }
}
