<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutMargin extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-margin', Group::Order, Severity::Note,
            'A bake-out just at the cure temperature leaves nothing to spare.',
            '10 K above the hottest cure is usual.',
        );
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
