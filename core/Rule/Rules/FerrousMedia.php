<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class FerrousMedia implements Rule
{
    public function key(): string
    {
        return 'ferrous-media';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Iron left in the surface of a metal that does not rust rusts there, and pits it.';
    }

    public function wayOut(): string
    {
        return 'Blast with aluminium oxide, garnet or glass bead kept for these metals.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $blast = $plan->facts->blast;

        return $blast !== null && MediaCatalogue::isFerrous($blast->media) && ($part->isLightAlloy() || $part->isCopperAlloy() || $part->metal === 'stainless_steel')
            ? "{$part->name} is {$part->metalName()} and the media is ".MediaCatalogue::name($blast->media)
            : null;
    }
}
