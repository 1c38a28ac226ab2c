<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\BareSteelClock;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class BareSteelWaits extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bare-steel-waits',
            Group::Order,
            Severity::Stop,
            'Bare steel rusts while it waits, and rust under powder creeps.',
            'Coat inside the clock, or sweep-blast again just before.',
            'house table of general practice',
            [Moment::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SweepAgain];
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $allowed = 60 * BareSteelClock::hours($plan->facts->humidityPct, $plan->facts->equipment->saltAir);
        $waits = $plan->bareMinutes();

        return $part->family()->rusts() && $waits > $allowed
            ? Said::of('{waits} between blast and first powder; air of {humidity} % allows {allowed}', [
                'waits' => Quantity::minutes($waits),
                'humidity' => round($plan->facts->humidityPct),
                'allowed' => Quantity::minutes($allowed),
            ])
            : null;
    }
}
