<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What a gun is fed from. */
enum Feed: string
{
    case Cup = 'cup';
    case ShakerBox = 'shaker_box';
    case Hopper = 'hopper';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Cup => 'cup',
            self::ShakerBox => 'box on a shaker',
            self::Hopper => 'fluidised hopper',
        };
    }

    /** Powder that stays in it and never reaches the gun, g. House figures, unverified: 30 to 60, 200 to 500. */
    public function keepsG(): float
    {
        return match ($this) {
            self::Cup => 45.0,
            self::ShakerBox => 250.0,
            self::Hopper => 350.0,
        };
    }

    /** Changing to another colour, min. House figures, unverified: 5 to 10, 15 to 30. */
    public function changeMinutes(): float
    {
        return match ($this) {
            self::Cup => 8.0,
            self::ShakerBox => 15.0,
            self::Hopper => 22.0,
        };
    }
}
