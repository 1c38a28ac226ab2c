<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class HardMediaInPassages extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'hard-media-in-passages', Group::Metal, Severity::Stop,
            'One grain left in an oil passage or bearing destroys the machine.',
            'Soluble or soft media only; then count and flush.',
        );
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
