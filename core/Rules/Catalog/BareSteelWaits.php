<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\BareSteelClock;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
            [Checkpoint::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SweepAgain];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $allowed = 60 * BareSteelClock::hours($plan->facts->humidityPct, $plan->facts->equipment->saltAir);
        $waits = $plan->bareMinutes();

        return $part->family()->rusts() && $waits > $allowed
            ? Message::of('{waits} between blast and first powder; air of {humidity} % allows {allowed}', [
                'waits' => Quantity::minutes($waits),
                'humidity' => round($plan->facts->humidityPct),
                'allowed' => Quantity::minutes($allowed),
            ])
            : null;
    }
}
