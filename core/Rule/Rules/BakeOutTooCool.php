<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutTooCool extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-too-cool', Group::Order, Severity::Stop,
            'Gas that a bake-out leaves behind comes out in the first hotter bake.',
            'Bake out at the hottest cure planned, 10 K above it as usual.',
        );
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
