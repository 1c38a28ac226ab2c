<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class FerrousMedia extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ferrous-media',
            Group::Metal,
            Severity::Stop,
            'Iron left in the surface of a metal that does not rust rusts there, and pits it.',
            'Ferrous media for bare carbon steel and iron only; aluminium oxide, garnet or glass bead kept for '
            .'the rest.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;

        return $medium !== null && $medium->ferrous && ! $part->family()->rusts()
            ? "{$part->name} is {$part->metal->word()} and the medium is {$medium->name}"
            : null;
    }
}
