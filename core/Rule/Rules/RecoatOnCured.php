<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class RecoatOnCured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recoat-on-cured', Group::Order, Severity::Warn,
            'A fully cured film gives the next coat nothing to hold to.',
            'Flow the coat below instead, or abrade it.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $bad = array_keys(array_filter($plan->facts->coats, fn ($coat): bool => $coat->over === 'cured'));

        return $bad !== [] && ! $plan->has(StepKind::Abrade)
            ? 'coat '.($bad[0] + 1).' goes on a fully cured one'
            : null;
    }
}
