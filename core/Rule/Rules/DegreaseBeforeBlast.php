<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class DegreaseBeforeBlast extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'degrease-before-blast', Group::Order, Severity::Stop,
            'The media carries the grease to every later part.',
            'Degrease before anything is blasted.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $blast = $plan->first(StepKind::Blast, StepKind::SweepBlast);
        $clean = $plan->first(StepKind::Degrease);

        return $blast !== null && ($part->has('grease') || $part->oily) && ($clean === null || $clean > $blast)
            ? "{$part->name} is greasy and is blasted ".($clean === null ? 'without degreasing' : 'before it is degreased')
            : null;
    }
}
