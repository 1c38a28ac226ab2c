<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\StepKind;

final class OilyNeedsBakeOut extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oily-needs-bake-out',
            Group::Metal,
            Severity::Warn,
            'What was once oily keeps oil in its pores and seams until the oven drives it out.',
            'Bake the bare part out, hotter than any later bake.',
            self::PRACTICE,
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $asks = $part->is(Mark::Oily) && ! $part->isCasting() && ! $part->isGalvanised();

        return $asks && $plan->facts->coats !== [] && ! $plan->has(StepKind::BakeOut)
            ? "{$part->name} was once oily and no bake-out is planned"
            : null;
    }
}
