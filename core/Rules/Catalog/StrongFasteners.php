<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;

/** High-strength fasteners left on the part. */
final class StrongFasteners extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'strong-fasteners',
            Group::Metal,
            Severity::Sign,
            'Acid cracks high-strength bolts and springs, and a bake softens some of them; each is its own case.',
            'Take them off, or sign for each of them by its grade.',
            'ISO 9588; ISO 898-1 for the grades',
            [Checkpoint::Counter, Checkpoint::Strip, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::TakenOff];
    }

    /** @return list<Feature> */
    public function takesOff(): array
    {
        return [Feature::StrongFasteners];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has(Feature::StrongFasteners) ? "{$part->name} has high-strength bolts or springs on it" : null;
    }
}
