<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::CompareStripping];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;
        $bad = $part->carries(ArrivalCondition::PlasticCoating) || $part->has(Feature::RubberOrPlastic);

        return $plan->has(StepKind::BurnOff) && $bad
            ? "{$part->name} has plastic or rubber on it and burn-off is planned"
            : null;
    }
}
