<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;

final class ClearOnBareMetal extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'clear-on-bare-metal',
            Group::Metal,
            Severity::Warn,
            'Light metal often leaves its maker under a clear nobody sees: powder over it peels.',
            'Touch it with both tips of a meter: bare metal conducts, a clear does not. Then tick which it is.',
            self::PRACTICE,
            [Moment::Counter, Moment::Strip],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        $unseen = $part->isLightAlloy() && $part->carries(OnIt::Bare) && ! $part->carries(OnIt::FactoryClear);

        return $unseen && ! $part->is(Mark::NoFactoryClear)
            ? "{$part->name} is bare light metal, and nobody has said whether a clear is on it"
            : null;
    }
}
