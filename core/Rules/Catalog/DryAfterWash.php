<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): ?string
    {
        $coat = $plan->first(StepKind::Coat);
        $wet = $plan->last(fn (Step $step): bool => $step->kind->wets(), $coat);
        $dry = $wet === null ? null : $plan->find($wet, fn (Step $step): bool => $step->kind->dries());

        return $coat !== null && $wet !== null && ($dry === null || $dry > $coat)
            ? "the part is coated after {$plan->steps[$wet]->kind->label()} without drying"
            : null;
    }
}
