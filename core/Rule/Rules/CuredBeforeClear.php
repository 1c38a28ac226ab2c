<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\BeforeClear;
use Aenum\Core\Word\Over;
use Aenum\Core\Word\Role;

final class CuredBeforeClear extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'cured-before-clear',
            Group::Order,
            Severity::Warn,
            'Some bright effects are spoiled by a clear on a base that was not fully cured.',
            'Cure the base fully, and leave it unabraded, as its sheet says.',
            'the powder\'s own sheet',
            [Moment::Route],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            $asks = $below !== null && $below->beforeClear === BeforeClear::Cured;
            if ($coat->role === Role::Clear && $asks && $coat->over !== Over::Cured) {
                return 'coat '.$n.' must be fully cured before its clear, and is only '.$coat->over->label();
            }
        }

        return null;
    }
}
