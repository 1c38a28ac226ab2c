<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\StepKind;

final class BurnOffGas extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'burn-off-gas',
            Group::Metal,
            Severity::Stop,
            'PVC, fluoropolymer and rubber burn to gas that poisons people and eats the oven.',
            'Take it off by hand or by blast; never by fire.',
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
        $bad = $part->carries(OnIt::PlasticCoating) || $part->has(Feature::RubberOrPlastic);

        return $plan->has(StepKind::BurnOff) && $bad
            ? "{$part->name} has plastic or rubber on it and burn-off is planned"
            : null;
    }
}
