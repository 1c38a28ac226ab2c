<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\PartFlag;

final class LiquidOnly extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'liquid-only',
            Group::Metal,
            Severity::Stop,
            'What burns stays on it, so nothing of it goes into an oven.',
            'Liquid paint by hand, priced as such, or decline.',
            self::PRACTICE,
            [Checkpoint::Counter, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::Decline];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(PartFlag::SoftStays) ? "{$part->name} has rubber or plastic on it that cannot come off" : null;
    }
}
