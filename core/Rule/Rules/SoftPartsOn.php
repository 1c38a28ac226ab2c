<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class SoftPartsOn implements Rule
{
    public function key(): string
    {
        return 'soft-parts-on';
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
        return 'Rubber, plastic, sealed bearings and packed grease burn, melt or foul everything.';
    }

    public function wayOut(): string
    {
        return 'Take them off first.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $on = array_values(array_filter(['rubber_or_plastic', 'sealed_bearings', 'packed_grease'], $part->has(...)));

        return $on !== []
            ? "{$part->name} still has ".str_replace('_', ' ', implode(', ', $on)).' on it'
            : null;
    }
}
