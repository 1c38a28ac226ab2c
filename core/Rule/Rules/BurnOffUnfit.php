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
use Aenum\Core\Word\StepKind;

final class BurnOffUnfit extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'burn-off-unfit',
            Group::Metal,
            Severity::Stop,
            'Burn-off heat draws tempers, melts joints and bursts whatever is closed.',
            'Strip it another way.',
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
        $why = array_keys(array_filter([
            'hardened or tempered' => $part->isHardSteel() || $part->temperC !== null,
            'soldered' => $part->has(Feature::SolderOrWhiteMetal),
            'closed somewhere' => $part->isClosedHollow(),
        ]));

        return $plan->has(StepKind::BurnOff) && $why !== []
            ? "{$part->name} is ".implode(' and ', $why).' and burn-off is planned'
            : null;
    }
}
