<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class AcidOnHardened extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'acid-on-hardened', Group::Metal, Severity::Sign,
            'Acid drives hydrogen into hardened steel, which then breaks without warning.',
            'Strip another way; or relief-bake at 190 to 220 °C for 4 h within 4 h, signed for.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->hardened && $part->isSteel() && $plan->has(StepKind::Acid)
            ? "{$part->name} is hardened and acid is planned"
            : null;
    }
}
