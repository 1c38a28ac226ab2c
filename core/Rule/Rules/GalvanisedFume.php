<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class GalvanisedFume implements Rule
{
    public function key(): string
    {
        return 'galvanised-fume';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Note;
    }

    public function reason(): string
    {
        return 'Heated or blasted zinc gives off fume that makes people ill.';
    }

    public function wayOut(): string
    {
        return 'Extract the fume; respirator; follow local rules.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->metal === 'galvanised_steel'
            ? "{$part->name} is galvanised"
            : null;
    }
}
