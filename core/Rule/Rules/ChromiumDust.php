<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ChromiumDust implements Rule
{
    public function key(): string
    {
        return 'chromium-dust';
    }

    public function group(): Group
    {
        return Group::Metal;
    }

    public function severity(): Severity
    {
        return Severity::Note;
    }

    public function reason(): string
    {
        return 'Dust of chromium plating is poisonous.';
    }

    public function wayOut(): string
    {
        return 'Respirator of the right class, and capture the dust.';
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('plating') && $plan->has(StepKind::Blast, StepKind::SweepBlast)
            ? "{$part->name} is plated and will be blasted"
            : null;
    }
}
