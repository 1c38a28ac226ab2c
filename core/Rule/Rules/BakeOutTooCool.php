<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\StepKind;

final class BakeOutTooCool extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bake-out-too-cool',
            Group::Order,
            Severity::Stop,
            'Gas that a bake-out leaves behind comes out in the first hotter bake.',
            Said::of('Bake out at the hottest cure planned, {more} above it as usual.', [
                'more' => Quantity::kelvin(RouteTimes::BAKE_OUT_ABOVE),
            ]),
            self::PRACTICE,
            [Moment::Route, Moment::BakeOut, Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(Plan $plan): ?Said
    {
        // What was done outranks what was planned: the bake-out as it was, against the cure at hand as computed.
        // A relief bake of steel that holds no gas is none of them.
        $done = $plan->has(StepKind::BakeOut) ? $plan->floor->bakedOutC : null;
        [$out, $cure] = $done === null
            ? [$plan->hottestC(StepKind::BakeOut), $plan->hottestC(StepKind::Bake)]
            : [$done, $plan->floor->peakC];

        return $out !== null && $cure !== null && $out < $cure
            ? Said::of('bake-out at {out}, hottest cure {cure}', [
                'out' => Quantity::celsius($out),
                'cure' => Quantity::celsius($cure),
            ])
            : null;
    }
}
