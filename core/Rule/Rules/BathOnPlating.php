<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\StepKind;

/** Phosphate on a plated part. */
final class BathOnPlating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bath-on-plating',
            Group::Metal,
            Severity::Warn,
            'Phosphate does not form on chrome or nickel plate.',
            'Blast lightly, then sand; wipe, and coat.',
            self::PRACTICE,
            [Moment::Route, Moment::Wash],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->carries(OnIt::Plating) && $plan->has(StepKind::Phosphate)
            ? "{$part->name} is plated and phosphate is planned"
            : null;
    }
}
