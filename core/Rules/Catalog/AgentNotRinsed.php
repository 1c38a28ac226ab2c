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

final class AgentNotRinsed extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'agent-not-rinsed',
            Group::Order,
            Severity::Stop,
            'What stays of acid, alkali, degreaser or converter goes on working under the film.',
            'Rinse, and neutralise where the product asks for it, before any powder.',
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
        // Rust converter that has had its hours is coated as it is.
        $asks = fn (Step $step): bool => ($step->agent->rinse ?? null) !== null
            && ! ($step->kind === StepKind::RustConvert && $step->waitMinutes >= ($step->agent->waitAfter ?? INF));
        $last = $plan->last($asks, $coat);
        $rinse = $last === null ? null : $plan->find($last, fn (Step $step): bool => $step->kind->rinses());

        return $coat !== null && $last !== null && ($rinse === null || $rinse > $coat)
            ? "the part is coated after {$plan->steps[$last]->agent?->name} without a rinse"
            : null;
    }
}
