<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\BareSteelClock;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BareSteelWaits extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'bare-steel-waits', Group::Order, Severity::Stop,
            'Bare steel rusts while it waits, and rust under powder creeps.',
            'Coat inside the clock, or sweep-blast again just before.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $part = $plan->facts->part;
        $hours = BareSteelClock::hours($plan->facts->humidityPct, $plan->facts->where === 'coast');
        $waited = $plan->minutesBetween([StepKind::Blast, StepKind::SweepBlast], StepKind::Coat) / 60;

        return $part->rusts() && $waited > $hours
            ? sprintf('%.1f h between blast and first powder; the air (%.0f %%) allows %.1f h', $waited, $plan->facts->humidityPct, $hours)
            : null;
    }
}
