<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class RailLoad implements Rule
{
    public function key(): string
    {
        return 'rail-load';
    }

    public function group(): Group
    {
        return Group::Equipment;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'A rail past its load comes down.';
    }

    public function wayOut(): string
    {
        return 'Hang fewer pieces at a time.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $rail = $plan->facts->equipment->railKg;

        return $rail !== null && $part->massKg !== null && $part->massKg > $rail
            ? sprintf('one piece is %.0f kg, the rail carries %.0f kg', $part->massKg, $rail)
            : null;
    }
}
