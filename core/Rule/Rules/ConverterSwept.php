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

final class ConverterSwept extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'converter-swept',
            Group::Order,
            Severity::Stop,
            'A blast after the rust converter takes off what it has just made.',
            'One or the other: convert the rust, or blast it.',
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
        $converted = $plan->first(StepKind::RustConvert);
        $blast =
            $converted === null ? null : $plan->find($converted, fn (Step $step): bool => $step->kind->blasts());
        $coat = $plan->first(StepKind::Coat);

        return $blast !== null && ($coat === null || $blast < $coat)
            ? 'the part is blasted after the rust converter'
            : null;
    }
}
