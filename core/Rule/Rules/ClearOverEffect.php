<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Role;

final class ClearOverEffect extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-over-effect',
            Group::Order,
            Severity::Note,
            'Metallic and bright effects wear and dull without a clear.',
            'Plan a clear on top; it dulls the brightest a little.',
            self::PRACTICE,
            [Moment::Counter, Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $coats = $plan->facts->coats;
        $last = $coats === [] ? null : $coats[count($coats) - 1];

        return $plan->facts->asksClear() && $last !== null && $last->role !== Role::Clear
            ? 'an effect coat has no clear on it'
            : null;
    }
}
