<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Role;

final class OutdoorSteelPrimer extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'outdoor-steel-primer',
            Group::Order,
            Severity::Sign,
            'One coat on steel outdoors rusts from the first scratch.',
            'A zinc-rich or epoxy primer under it, or the customer signs that there is none.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $primed = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->role === Role::Primer) !== [];
        $outdoors = $part->family()->rusts() && $plan->facts->outdoors();

        return $outdoors && $plan->facts->coats !== [] && ! $primed
            ? "{$part->name} is {$part->metal->word()}, lives {$plan->facts->lives->label()}, and has no primer"
            : null;
    }
}
