<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class OvenLimit extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oven-limit', Group::Equipment, Severity::Stop,
            'A bake past the oven\'s limit trips it, or worse.',
            'A cooler powder, or another oven.',
        );
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
