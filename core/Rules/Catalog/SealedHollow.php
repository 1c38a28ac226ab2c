<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class SealedHollow extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'sealed-hollow',
            Group::Metal,
            Severity::Stop,
            'Air shut in a hollow bursts it in the oven.',
            'Drill a vent and a drain, and note them on the sketch.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Vented];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isClosedHollow() ? "{$part->name} has a sealed hollow and no vent" : null;
    }
}
