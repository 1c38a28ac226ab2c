<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

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

        return $plan->has(StepKind::BurnOff) && $part->paintTest->isPositive()
            ? "the paint on {$part->name} holds {$part->paintTest->label()} and burn-off is planned"
            : null;
    }
}
