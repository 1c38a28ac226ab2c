<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class PowderPastDate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'powder-past-date',
            Group::Order,
            Severity::Sign,
            'Old powder flows badly and cures unevenly.',
            'A test panel of it first, or another lot.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?string
    {
        $lot = $plan->floor->coat?->pastDate;

        return $lot === null ? null : "{$lot} is past its date";
    }
}
