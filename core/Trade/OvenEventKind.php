<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What can happen to an oven with a load in it. */
enum OvenEventKind: string
{
    case Door = 'door';
    case Setpoint = 'setpoint';
    case PowerLost = 'power_lost';
    case PowerBack = 'power_back';
    case Flowed = 'flowed';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Door => 'door open',
            self::Setpoint => 'setpoint',
            self::PowerLost => 'power lost',
            self::PowerBack => 'power is back',
            self::Flowed => 'seen to have flowed',
        };
    }

    /** What can happen to the power next, by whether it is off. */
    public static function nextOfPower(bool $isOff): self
    {
        return $isOff ? self::PowerBack : self::PowerLost;
    }

    /** Whether it is about the power. */
    public function isOfPower(): bool
    {
        return $this === self::PowerLost || $this === self::PowerBack;
    }
}
