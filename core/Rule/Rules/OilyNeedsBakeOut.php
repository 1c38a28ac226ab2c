<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class OilyNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oily-needs-bake-out', Group::Metal, Severity::Warn,
            'What was once oily keeps oil in its pores and seams until the oven drives it out.',
            'Bake the bare part out before it is coated.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->oily && ! $part->isCasting() && $part->metal !== 'galvanised_steel' && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} was once oily and no bake-out is planned"
            : null;
    }
}
