<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class CastingNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'casting-needs-bake-out', Group::Metal, Severity::Warn,
            'Castings hold gas and oil that come out through the film in the oven.',
            'Bake the bare part out, hotter than any later bake.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isCasting() && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} is a casting and no bake-out is planned"
            : null;
    }
}
