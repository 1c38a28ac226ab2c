<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;

final class HardMediaInPassages extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'hard-media-in-passages',
            Group::Metal,
            Severity::Stop,
            'One grain left in an oil passage or bearing destroys the machine.',
            'Soluble or soft media only; then count and flush.',
            self::PRACTICE,
            [Moment::Counter, Moment::Medium, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;

        return $part->has(Feature::OilPassages) && $medium !== null && $medium->hard
            ? "{$part->name} has passages that cannot be taken apart and the medium is {$medium->name}"
            : null;
    }
}
