<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ZincHot extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-hot', Group::Metal, Severity::Warn,
            'Zinc die-cast begins to blister above 190 °C.',
            'Choose a powder that cures cooler.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestBakeC();

        return $part->metal === 'zinc_die_cast' && $hottest !== null && $hottest > 190 && $hottest <= 205
            ? sprintf('%s is zinc die-cast and a bake at %.0f °C is planned', $part->name, $hottest)
            : null;
    }
}
