<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\StepKind;

final class BakeOutTooShort extends Rule
{
    /** General practice of the trade, min. */
    public const LEAST_MIN = RouteTimes::BAKE_OUT_LEAST;

    public function __construct()
    {
        parent::__construct(
            'bake-out-too-short',
            Group::Order,
            Severity::Warn,
            'Gas needs time to leave thick metal.',
            Said::of('Hold at least {minutes} at part temperature.', ['minutes' => Quantity::minutes(self::LEAST_MIN)]),
            self::PRACTICE,
            [Moment::Route, Moment::BakeOut, Moment::DoorShut],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $step = $plan->all(StepKind::BakeOut)[0] ?? null;

        return $step !== null && ($step->holdMinutes ?? 0) < self::LEAST_MIN
            ? Said::of('the bake-out holds {minutes}', ['minutes' => Quantity::minutes($step->holdMinutes ?? 0.0)])
            : null;
    }
}
