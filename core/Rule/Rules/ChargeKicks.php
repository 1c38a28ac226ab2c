<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Said;

final class ChargeKicks extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'charge-kicks',
            Group::Equipment,
            Severity::Warn,
            'Powder that lies this charged breaks through and throws itself off: stars in the film.',
            'Lower the current, lay less at a time, let it drain to earth, see to the earth.',
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    /** Over this the air in the pores breaks through. */
    public const MOST = 1.0;

    public function applies(Plan $plan): ?Said
    {
        $index = $plan->floor->coat?->index;

        return $index !== null && $index > self::MOST
            ? Said::of('the charge index comes to {index}', ['index' => (string) round($index, 2)])
            : null;
    }
}
