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

final class LotShort extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lot-short',
            Group::Order,
            Severity::Warn,
            'Half a job without powder waits bare, or in two shades.',
            'Open or order another box before it begins.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $short = $plan->floor->coat?->shortG;

        return $short !== null && $short > 0.0
            ? Said::of('the lot lacks {short} to finish', ['short' => Quantity::gram($short)])
            : null;
    }
}
