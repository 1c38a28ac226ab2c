<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GalvanisedSweepOnly implements Rule
{
    public function key(): string
    {
        return 'galvanised-sweep-only';
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
        return 'Hard blasting takes the zinc off.';
    }

    public function wayOut(): string
    {
        return 'Sweep at no more than 3 bar with fine media.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $blast = $plan->facts->blast;

        return $part->metal === 'galvanised_steel' && $blast !== null && ($blast->pressureBar > 3 || ! MediaCatalogue::isFine($blast->media))
            ? sprintf('%s is galvanised and %s at %.1f bar is planned', $part->name, MediaCatalogue::name($blast->media), $blast->pressureBar)
            : null;
    }
}
