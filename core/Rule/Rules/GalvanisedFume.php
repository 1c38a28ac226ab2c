<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GalvanisedFume extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-fume', Group::Metal, Severity::Note,
            'Heated or blasted zinc gives off fume that makes people ill.',
            'Extract the fume; respirator; follow local rules.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->metal === 'galvanised_steel'
            ? "{$part->name} is galvanised"
            : null;
    }
}
