<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class SilicaSand implements Rule
{
    public function key(): string
    {
        return 'silica-sand';
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
        return 'Silica dust destroys lungs.';
    }

    public function wayOut(): string
    {
        return 'Any other media.';
    }

    public function applies(Plan $plan): ?string
    {
        $blast = $plan->facts->blast;

        return $blast !== null && MediaCatalogue::isSilica($blast->media)
            ? 'the media is '.MediaCatalogue::name($blast->media)
            : null;
    }
}
