<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;

final class GasTolerantPrimer extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'gas-tolerant-primer',
            Group::Metal,
            Severity::Note,
            'A primer made to let gas through saves used castings from pinholes.',
            'Plan a gas-tolerant primer as the first coat.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $first = $plan->facts->coats[0] ?? null;

        return $first !== null && $part->isCasting() && $part->is(Mark::Oily) && ! $first->gasTolerant
            ? "{$part->name} is a used casting and its first coat is not gas-tolerant"
            : null;
    }
}
