<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Coat\Recess;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Said;

final class RecessDeep extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recess-deep',
            Group::Equipment,
            Severity::Warn,
            'Twice as deep as wide, hardly any powder reaches the floor by the field.',
            'Spray it first at the low setting, then with air from further off; torch into it before the oven.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $deep = $plan->floor->coat?->deepest;

        return $deep !== null && $deep > Recess::VERY_HARD
            ? Said::of('a recess is {deep} times as deep as wide', ['deep' => round($deep, 1)])
            : null;
    }
}
