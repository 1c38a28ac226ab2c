<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Role;

final class ClearMissing extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-missing',
            Group::Order,
            Severity::Warn,
            'Without its clear the effect is not what was bought, or does not last.',
            'Plan the clear its sheet names.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $above = array_slice($plan->facts->coats, $n + 1);
            $clear = array_filter($above, fn (CoatFacts $one): bool => $one->role === Role::Clear) !== [];
            if ($coat->clear->asksClear() && ! $clear) {
                return 'coat '.($n + 1)." {$coat->clear->label()}, and none is planned";
            }
        }

        return null;
    }
}
