<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class DryAfterWash extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'dry-after-wash',
            Group::Order,
            Severity::Stop,
            'Water in seams comes out through the film.',
            'Dry in the oven after the last wet step.',
            self::PRACTICE,
            [Moment::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $wet = $plan->last(fn (Step $step): bool => $step->kind->wets(), $coat);
        $dry = $wet === null ? null : $plan->find($wet, fn (Step $step): bool => $step->kind->dries());

        return $coat !== null && $wet !== null && ($dry === null || $dry > $coat)
            ? "the part is coated after {$plan->steps[$wet]->kind->label()} without drying"
            : null;
    }
}
