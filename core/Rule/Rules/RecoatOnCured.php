<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Over;
use Aenum\Core\Word\Role;
use Aenum\Core\Word\StepKind;

/** A bright base whose sheet has it fully cured before its clear is no mistake, and is not abraded. */
final class RecoatOnCured extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recoat-on-cured',
            Group::Order,
            Severity::Warn,
            'A fully cured film gives the next coat nothing to hold to.',
            'Flow the coat below instead, or abrade it.',
            self::PRACTICE,
            [Moment::Route, Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?string
    {
        if ($plan->has(StepKind::Abrade)) {
            return null;
        }
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            $meant = $coat->role === Role::Clear && $below !== null && $below->beforeClear->allowsCured();
            if ($coat->over === Over::Cured && ! $meant) {
                return 'coat '.($n + 1).' goes on a fully cured one';
            }
        }

        return null;
    }
}
