<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class OldPlating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'old-plating', Group::Metal, Severity::Stop,
            'Powder does not hold on old plating and flakes off under the first blow.',
            'Decline, or have the plating taken off elsewhere; a signed waiver makes it new-plating work.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('plating') && ! $part->platingNew && ! isset($plan->facts->signed['plating-adhesion'])
            ? "{$part->name} has old plating"
            : null;
    }
}
