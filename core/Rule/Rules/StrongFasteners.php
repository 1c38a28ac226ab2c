<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;

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
            [Moment::Counter, Moment::Strip, Moment::DoorShut],
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

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has(Feature::StrongFasteners) ? "{$part->name} has high-strength bolts or springs on it" : null;
    }
}
