<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutMargin implements Rule
{
    public function key(): string
    {
        return 'bake-out-margin';
    }

    public function group(): Group
    {
        return Group::Order;
    }

    public function severity(): Severity
    {
        return Severity::Note;
    }

    public function reason(): string
    {
        return 'A bake-out just at the cure temperature leaves nothing to spare.';
    }

    public function wayOut(): string
    {
        return '10 K above the hottest cure is usual.';
    }

    public function applies(Plan $plan): ?string
    {
        $out = $plan->hottestC(StepKind::BakeOut);
        $cure = $plan->hottestC(StepKind::Bake);

        return $out !== null && $cure !== null && $out >= $cure && $out < $cure + 10
            ? sprintf('bake-out at %.0f °C, hottest cure %.0f °C', $out, $cure)
            : null;
    }
}
