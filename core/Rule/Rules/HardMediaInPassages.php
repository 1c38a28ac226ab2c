<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class HardMediaInPassages implements Rule
{
    public function key(): string
    {
        return 'hard-media-in-passages';
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
        return 'One grain left in an oil passage or bearing destroys the machine.';
    }

    public function wayOut(): string
    {
        return 'Soluble or soft media only; then count and flush.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $blast = $plan->facts->blast;

        return $part->has('oil_passages') && $blast !== null && MediaCatalogue::isHard($blast->media)
            ? "{$part->name} has passages that cannot be taken apart and the media is ".MediaCatalogue::name($blast->media)
            : null;
    }
}
