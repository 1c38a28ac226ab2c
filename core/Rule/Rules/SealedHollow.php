<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Counter, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Vented];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isClosedHollow() ? "{$part->name} has a sealed hollow and no vent" : null;
    }
}
