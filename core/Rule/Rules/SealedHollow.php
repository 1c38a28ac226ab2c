<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class SealedHollow implements Rule
{
    public function key(): string
    {
        return 'sealed-hollow';
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
        return 'Air shut in a hollow bursts it in the oven.';
    }

    public function wayOut(): string
    {
        return 'Drill a vent and a drain, and note them on the sketch.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('sealed_hollow') && ! $part->vented
            ? "{$part->name} has a sealed hollow and no vent"
            : null;
    }
}
