<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class GalvanisedUntreated extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'galvanised-untreated',
            Group::Metal,
            Severity::Warn,
            'Zinc outdoors without a layer made for it lets the film go.',
            'A conversion coat or phosphate made for zinc.',
            self::PRACTICE,
            [Moment::Route, Moment::Wash],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $treated = $plan->has(StepKind::Conversion, StepKind::Phosphate);

        return $part->isGalvanised() && $plan->facts->outdoors() && $plan->facts->coats !== [] && ! $treated
            ? "{$part->name} is galvanised, lives {$plan->facts->lives->label()}, and nothing is built on the zinc"
            : null;
    }
}
