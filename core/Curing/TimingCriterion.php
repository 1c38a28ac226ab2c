<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** When a shop lets the cure clock start: its house way. */
enum TimingCriterion: string
{
    /** From the moment the slowest metal is at temperature, and the dose full as well. */
    case Window = 'window';

    /** The dose counted over the whole curve. */
    case Dose = 'dose';

    /** From oven entry, by the sheet's minutes at the setpoint, whatever the metal does. */
    case Timed = 'timed';

    /** From when the powder is seen to have flowed, by the sheet's minutes at the setpoint. */
    case Flowed = 'flowed';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Window => 'slowest metal at temperature',
            self::Dose => 'counted over the whole curve',
            self::Timed => 'from oven entry',
            self::Flowed => 'from seen to have flowed',
        };
    }

    /** What it counts, and what it does not know. */
    public function meaning(): string
    {
        return match ($this) {
            self::Window => 'The clock starts when the slowest metal is at temperature, '
                .'and the dose must be full as well.',
            self::Dose => 'Every minute of the curve counts for what it is worth.',
            self::Timed => 'The clock starts when the door shuts, for what the sheet says at the setpoint. '
                .'It knows nothing of the metal.',
            self::Flowed => 'The clock starts when the powder is seen glossy and wet, for what the sheet says at the '
                .'setpoint. The eye sees the surface, not the thick metal behind it.',
        };
    }

    /** Minutes by a sheet and a clock, whatever the metal does. */
    public function isOfTheClock(): bool
    {
        return $this === self::Timed || $this === self::Flowed;
    }
}
