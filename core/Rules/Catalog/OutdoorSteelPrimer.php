<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Role;

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
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $primed = array_filter($plan->facts->coats, fn (CoatFacts $coat): bool => $coat->role === Role::Primer) !== [];
        $outdoors = $part->family()->rusts() && $plan->facts->outdoors();

        return $outdoors && $plan->facts->coats !== [] && ! $primed
            ? "{$part->name} is {$part->metal->word()}, lives {$plan->facts->lives->label()}, and has no primer"
            : null;
    }
}
