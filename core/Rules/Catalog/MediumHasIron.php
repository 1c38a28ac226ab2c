<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class MediumHasIron extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'medium-has-iron',
            Group::Metal,
            Severity::Warn,
            'Iron in the medium stays in metal that does not rust, and makes rust spots there.',
            'Keep a clean lot for such metals.',
            self::PRACTICE,
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $lot = $plan->floor->lot;
        $part = $plan->facts->part;

        return $lot !== null && $lot->ironFrom !== [] && ! $part->family()->rusts() && ! $part->family()->dustExplodes()
            ? "this {$lot->medium->name} has iron in it from ".implode(', ', $lot->ironFrom)
            : null;
    }
}
