<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Counter, Moment::Medium, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;

        return $medium !== null && $medium->ferrous && ! $part->family()->rusts()
            ? "{$part->name} is {$part->metal->word()} and the medium is {$medium->name}"
            : null;
    }
}
