<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BakeOutTooShort extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-too-short', Group::Order, Severity::Warn,
            'Gas needs time to leave thick metal.',
            'Hold at least 30 minutes at part temperature.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $step = $plan->all(StepKind::BakeOut)[0] ?? null;

        return $step !== null && ($step->holdMinutes ?? 0) < 30
            ? sprintf('the bake-out holds %.0f min', $step->holdMinutes ?? 0)
            : null;
    }
}
