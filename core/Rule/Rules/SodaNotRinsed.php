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

final class SodaNotRinsed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'soda-not-rinsed',
            Group::Order,
            Severity::Stop,
            'Soda left on metal is alkali under the film: it lets go.',
            'Rinse after the blast, and dry.',
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
        $blast = $plan->last(fn (Step $step): bool => $step->kind->blasts(), $coat);
        $rinse = $blast === null ? null : $plan->find($blast, fn (Step $step): bool => $step->kind->rinses());
        $medium = $plan->facts->blast?->medium;

        return $medium !== null &&
            $medium->residue &&
            $coat !== null &&
            $blast !== null &&
            ($rinse === null || $rinse > $coat)
            ? "the part is blasted with {$medium->name} and coated without a rinse"
            : null;
    }
}
