<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class UnknownPaint extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'unknown-paint', Group::Metal, Severity::Sign,
            'Old paint may hold lead or chromate; blasting it poisons the one at the nozzle.',
            'Test it first, and sign for what was found.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return ($part->has('paint') || $part->has('two_part_paint')) && ! $part->paintTested && $plan->has(StepKind::Blast, StepKind::SweepBlast)
            ? "{$part->name} has old paint that was not tested, and will be blasted"
            : null;
    }
}
