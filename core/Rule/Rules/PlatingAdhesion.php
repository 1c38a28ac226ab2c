<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PlatingAdhesion implements Rule
{
    public function key(): string
    {
        return 'plating-adhesion';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Sign;
    }

    public function reason(): string
    {
        return 'On plating, even new and blasted, adhesion cannot be promised.';
    }

    public function wayOut(): string
    {
        return 'The owner signs that adhesion is not guaranteed.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('plating') && ($part->platingNew || isset($plan->facts->signed['plating-adhesion']))
            ? "{$part->name} is plated"
            : null;
    }
}
