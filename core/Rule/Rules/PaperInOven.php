<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PaperInOven implements Rule
{
    public function key(): string
    {
        return 'paper-in-oven';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function reason(): string
    {
        return 'Paper tape burns in the oven.';
    }

    public function wayOut(): string
    {
        return 'Polyimide, polyester or glass-cloth tape.';
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->house->way('mask_with') === 'paper' && $plan->hottestAfter(StepKind::TapeMask) !== null
            ? 'paper tape would sit through a bake'
            : null;
    }
}
