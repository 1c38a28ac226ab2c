<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\StepKind;

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
