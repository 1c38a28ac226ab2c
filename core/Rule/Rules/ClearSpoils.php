<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\ClearNeed;
use Aenum\Core\Word\Role;

final class ClearSpoils extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-spoils',
            Group::Order,
            Severity::Warn,
            'The sheet says a clear spoils the effect.',
            'No clear on it, or another base.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $above = $plan->facts->coats[$n + 1] ?? null;
            if ($coat->clear === ClearNeed::Spoils && $above?->role === Role::Clear) {
                return 'coat '.($n + 2).' is a clear on a powder it spoils';
            }
        }

        return null;
    }
}
