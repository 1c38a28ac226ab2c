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
use Aenum\Core\Surface\Layer;
use Aenum\Core\Trade\StepKind;

final class DegreaseBeforeBlast extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'degrease-before-blast',
            Group::Order,
            Severity::Stop,
            'The media carries the grease to every later part.',
            'Degrease before anything is blasted.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Blast],
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
        $blast = $plan->find(0, fn (Step $step): bool => $step->kind->blasts());
        $clean = $plan->first(StepKind::Degrease, StepKind::StripCaustic, StepKind::BurnOff);

        if ($plan->floor->surface?->has(Layer::Grease) === true) {
            return "{$part->name} is at the blast, and no degreasing of it was done";
        }

        return $blast !== null && $part->isGreasy() && ($clean === null || $clean > $blast)
            ? "{$part->name} is greasy and is blasted ".
                    ($clean === null ? 'without degreasing' : 'before it is degreased')
            : null;
    }
}
