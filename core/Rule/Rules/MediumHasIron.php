<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Medium, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $lot = $plan->floor->lot;
        $part = $plan->facts->part;

        return $lot !== null && $lot->ironFrom !== [] && ! $part->family()->rusts() && ! $part->family()->dustExplodes()
            ? "this {$lot->medium->name} has iron in it from ".implode(', ', $lot->ironFrom)
            : null;
    }
}
