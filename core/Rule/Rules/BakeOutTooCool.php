<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutTooCool implements Rule
{
    public function key(): string
    {
        return 'bake-out-too-cool';
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
        return 'Gas that a bake-out leaves behind comes out in the first hotter bake.';
    }

    public function wayOut(): string
    {
        return 'Bake out at the hottest cure planned, 10 K above it as usual.';
    }

    public function applies(Plan $plan): ?string
    {
        $out = $plan->hottestC(StepKind::BakeOut);
        $cure = $plan->hottestC(StepKind::Bake);

        return $out !== null && $cure !== null && $out < $cure
            ? sprintf('bake-out at %.0f °C, later bake at %.0f °C', $out, $cure)
            : null;
    }
}
