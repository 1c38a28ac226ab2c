<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class Magnesium implements Rule
{
    public function key(): string
    {
        return 'magnesium';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Magnesium dust and magnesium in an oven burn and cannot be put out.';
    }

    public function wayOut(): string
    {
        return 'Only by a licensed process; otherwise decline.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->metal === 'magnesium'
            ? "{$part->name} is magnesium"
            : null;
    }
}
