<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class OutdoorSteelPrimer extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'outdoor-steel-primer', Group::Order, Severity::Note,
            'One coat on steel outdoors rusts from the first scratch.',
            'A zinc-rich primer under it.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $primed = array_filter($plan->facts->coats, fn ($coat): bool => $coat->role === 'primer');

        return $part->rusts() && $plan->facts->outdoors() && $plan->facts->coats !== [] && $primed === []
            ? "{$part->name} is {$part->metalName()}, lives {$plan->facts->where}, and has no primer"
            : null;
    }
}
