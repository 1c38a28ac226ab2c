<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;

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
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;

        return $part->has(Feature::OilPassages) && $medium !== null && $medium->hard
            ? "{$part->name} has passages that cannot be taken apart and the medium is {$medium->name}"
            : null;
    }
}
