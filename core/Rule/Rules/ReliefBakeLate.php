<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Metal\ReliefBake;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class ReliefBakeLate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-late',
            Group::Metal,
            Severity::Stop,
            'A relief bake that begins too late finds the cracks already there.',
            'Show the part to whoever answers for it; it may not go on as if nothing were.',
            'ISO 9588',
            [Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ReliefBake];
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $since = $plan->floor->sinceAcidMin;

        return $part->isHardSteel() && $since !== null && $since > ReliefBake::WITHIN_MIN
            ? Said::of('{part} is hard steel, and the acid on it ended {since} ago', [
                'part' => $part->name,
                'since' => Quantity::minutes($since),
            ])
            : null;
    }
}
