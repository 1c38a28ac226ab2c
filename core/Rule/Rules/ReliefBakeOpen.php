<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

/** Acid was on strong steel, and no relief bake that serves has followed it yet. */
final class ReliefBakeOpen extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-open',
            Group::Metal,
            Severity::Stop,
            'Under powder the hydrogen stays in the steel, and it breaks later without warning.',
            'Relief-bake it first, as its route says.',
            'ISO 9588',
            [Moment::Coat],
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

        return $part->isHardSteel() && $since !== null
            ? Said::of('{part} is hard steel, the acid on it ended {since} ago, and it was not relief-baked since', [
                'part' => $part->name,
                'since' => Quantity::minutes($since),
            ])
            : null;
    }
}
