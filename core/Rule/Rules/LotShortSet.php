<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class LotShortSet extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lot-short-set',
            Group::Order,
            Severity::Sign,
            'Two lots of one powder differ a little, and a set shows it.',
            'One lot for all of it, or a name under two.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $coat = $plan->floor->coat;

        return $coat?->shortG !== null && $coat->shortG > 0.0 && $coat->matches
            ? Said::of('the lot lacks {short} for a set that must match', ['short' => Quantity::gram($coat->shortG)])
            : null;
    }
}
