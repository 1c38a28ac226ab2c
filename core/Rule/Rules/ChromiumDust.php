<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class ChromiumDust extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'chromium-dust', Group::Metal, Severity::Note,
            'Dust of chromium plating is poisonous.',
            'Respirator of the right class, and capture the dust.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->has('plating') && $plan->has(StepKind::Blast, StepKind::SweepBlast)
            ? "{$part->name} is plated and will be blasted"
            : null;
    }
}
