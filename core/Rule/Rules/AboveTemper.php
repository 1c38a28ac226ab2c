<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class AboveTemper extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'above-temper', Group::Metal, Severity::Sign,
            'A bake above its tempering temperature softens hardened or sprung steel.',
            'A cooler powder, or someone signs for the softening.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestBakeC();

        return $part->hardened && $part->temperC !== null && $hottest !== null && $hottest > $part->temperC
            ? sprintf('%s was tempered at %.0f °C and a bake at %.0f °C is planned', $part->name, $part->temperC, $hottest)
            : null;
    }
}
