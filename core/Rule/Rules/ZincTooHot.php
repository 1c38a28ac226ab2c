<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ZincTooHot extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-too-hot', Group::Metal, Severity::Stop,
            'Zinc die-cast blisters and warps above 205 °C.',
            'Choose a powder that cures cooler.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestBakeC();

        return $part->metal === 'zinc_die_cast' && $hottest !== null && $hottest > 205
            ? sprintf('%s is zinc die-cast and a bake at %.0f °C is planned', $part->name, $hottest)
            : null;
    }
}
