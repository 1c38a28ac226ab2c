<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class FerrousMedia extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ferrous-media', Group::Metal, Severity::Stop,
            'Iron left in the surface of a metal that does not rust rusts there, and pits it.',
            'Blast with aluminium oxide, garnet or glass bead kept for these metals.',
        );
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
