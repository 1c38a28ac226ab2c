<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class RailLoad extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rail-load', Group::Equipment, Severity::Stop,
            'A rail past its load comes down.',
            'Hang fewer pieces at a time.',
        );
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
