<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class SilicaSand extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'silica-sand', Group::Metal, Severity::Stop,
            'Silica dust destroys lungs.',
            'Any other media.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $blast = $plan->facts->blast;

        return $blast !== null && MediaCatalogue::isSilica($blast->media)
            ? 'the media is '.MediaCatalogue::name($blast->media)
            : null;
    }
}
