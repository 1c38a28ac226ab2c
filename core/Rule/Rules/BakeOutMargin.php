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

final class BakeOutMargin extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-margin',
            Group::Order,
            Severity::Note,
            'A bake-out just at the cure temperature leaves nothing to spare.',
            Said::of('{more} above the hottest cure is usual.', [
                'more' => Quantity::kelvin(RouteTimes::BAKE_OUT_ABOVE),
            ]),
            self::PRACTICE,
            [Moment::Route, Moment::BakeOut, Moment::DoorShut],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $out = $plan->hottestC(StepKind::BakeOut);
        $cure = $plan->hottestC(StepKind::Bake);

        return $out !== null && $cure !== null && $out >= $cure && $out < $cure + RouteTimes::BAKE_OUT_ABOVE
            ? Said::of('bake-out at {out}, hottest cure {cure}', [
                'out' => Quantity::celsius($out),
                'cure' => Quantity::celsius($cure),
            ])
            : null;
    }
}
