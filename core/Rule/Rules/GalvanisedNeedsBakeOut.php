<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class GalvanisedNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-needs-bake-out',
            Group::Metal,
            Severity::Warn,
            'Galvanising lets gas through the film in the oven.',
            'Bake the bare part out, hotter than any later bake.',
            self::PRACTICE,
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = $part->isGalvanised();

        return $asks && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} is galvanised and no bake-out is planned"
            : null;
    }
}
