<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GalvanisedSweepOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-sweep-only', Group::Metal, Severity::Stop,
            'Hard blasting takes the zinc off.',
            'Sweep at no more than 3 bar with fine media.',
        );
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
