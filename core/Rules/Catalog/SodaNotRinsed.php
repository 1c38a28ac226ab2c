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
