<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PlatingAdhesion extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plating-adhesion', Group::Metal, Severity::Sign,
            'On plating, even new and blasted, adhesion cannot be promised.',
            'The owner signs that adhesion is not guaranteed.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('plating') && ($part->platingNew || isset($plan->facts->signed['plating-adhesion']))
            ? "{$part->name} is plated"
            : null;
    }
}
