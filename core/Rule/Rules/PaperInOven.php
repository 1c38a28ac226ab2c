<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PaperInOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'paper-in-oven', Group::Order, Severity::Stop,
            'Paper tape burns in the oven.',
            'Polyimide, polyester or glass-cloth tape.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        return $plan->facts->house->way('mask_with') === 'paper' && $plan->hottestAfter(StepKind::TapeMask) !== null
            ? 'paper tape would sit through a bake'
            : null;
    }
}
