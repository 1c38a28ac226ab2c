<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Mark;

final class OldPrimerStays extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'old-primer-stays',
            Group::Order,
            Severity::Warn,
            'Powder holds no better than the primer under it, and that one was not baked for it.',
            'Cross-cut it first; blast it off where it lifts anywhere. Its first bake may blister it.',
            self::PRACTICE,
            [Moment::Counter, Moment::Route, Moment::Strip],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->is(Mark::OldPrimerTight) ? "the old primer of {$part->name} is to stay under the powder" : null;
    }
}
