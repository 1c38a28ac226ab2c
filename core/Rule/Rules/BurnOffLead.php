<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class BurnOffLead extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'burn-off-lead',
            Group::Metal,
            Severity::Stop,
            'Fire turns lead and chromate in paint to fume and dust.',
            'A chemical way off, by a process licensed for it.',
            self::PRACTICE,
            [Moment::Route, Moment::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $plan->has(StepKind::BurnOff) && $part->paintTest->isPositive()
            ? "the paint on {$part->name} holds {$part->paintTest->label()} and burn-off is planned"
            : null;
    }
}
