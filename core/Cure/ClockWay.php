<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

/** When a shop lets the cure clock start: its house way. */
enum ClockWay: string
{
    /** From the moment the slowest metal is at temperature, and the dose full as well. */
    case Window = 'window';

    /** The dose counted over the whole curve. */
    case Dose = 'dose';

    /** From oven entry, by the sheet's minutes at the setpoint, whatever the metal does. */
    case Timed = 'timed';

    public function label(): string
    {
        return match ($this) {
            self::Window => 'slowest metal at temperature',
            self::Dose => 'counted over the whole curve',
            self::Timed => 'from oven entry',
        };
    }
}
