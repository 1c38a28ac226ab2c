<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class SoftPartsOn extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'soft-parts-on', Group::Metal, Severity::Stop,
            'Rubber, plastic, sealed bearings and packed grease burn, melt or foul everything.',
            'Take them off first.',
        );
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
