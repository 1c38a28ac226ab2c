<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class OvenLimit implements Rule
{
    public function key(): string
    {
        return 'oven-limit';
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
        return 'A bake past the oven\'s limit trips it, or worse.';
    }

    public function wayOut(): string
    {
        return 'A cooler powder, or another oven.';
    }

    public function applies(Plan $plan): ?string
    {
        $max = $plan->facts->equipment->ovenMaxC;
        $hottest = $plan->hottestBakeC();

        return $max !== null && $hottest !== null && $hottest > $max
            ? sprintf('a bake at %.0f °C is planned, the oven stops at %.0f °C', $hottest, $max)
            : null;
    }
}
