<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What can be set on a gun. */
enum GunKind: string
{
    case TwoStep = 'two_step';
    case VoltageOnly = 'voltage_only';
    case Full = 'full';
    case Unknown = 'unknown';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::TwoStep => 'two voltages and a regulator',
            self::VoltageOnly => 'voltage and air, no current limit',
            self::Full => 'voltage, current limit, powder and atomizing air',
            self::Unknown => 'not known yet',
        };
    }

    /** Whether its current can be limited. */
    public function limitsCurrent(): bool
    {
        return $this === self::Full;
    }
}
