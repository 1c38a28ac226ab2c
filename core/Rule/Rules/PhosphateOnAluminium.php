<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class PhosphateOnAluminium extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'phosphate-on-aluminium',
            Group::Metal,
            Severity::Warn,
            'Phosphate builds no layer on aluminium: the coat has nothing to hold to outdoors.',
            'Clean, deoxidise and use a conversion coat.',
            self::PRACTICE,
            [Moment::Route, Moment::Wash],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $plan->has(StepKind::Phosphate) && $part->isLightAlloy()
            ? "{$part->name} is {$part->metal->word()} and iron phosphate is planned"
            : null;
    }
}
