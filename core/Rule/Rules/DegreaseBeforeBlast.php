<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Job\Step;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Word\StepKind;

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
            [Moment::Route, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?string
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
