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
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route, Checkpoint::Wash],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->carries(ArrivalCondition::Plating) && $plan->has(StepKind::Phosphate)
            ? "{$part->name} is plated and phosphate is planned"
            : null;
    }
}
