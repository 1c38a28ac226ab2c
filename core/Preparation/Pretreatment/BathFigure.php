<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Pretreatment;

/** What is measured of a bath. */
enum BathFigure: string
{
    case Concentration = 'concentration_pct';
    case Ph = 'ph';
    case Conductivity = 'conductivity_us';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Concentration => 'Concentration',
            self::Ph => 'pH',
            self::Conductivity => 'Conductivity',
        };
    }

    /** Its unit, the same for every reader; nothing for pH. */
    public function unit(): string
    {
        return match ($this) {
            self::Concentration => '%',
            self::Ph => '',
            self::Conductivity => 'µS/cm',
        };
    }

    /** The largest that can be true; the least is 0. */
    public function most(): float
    {
        return match ($this) {
            self::Concentration => 100.0,
            self::Ph => 14.0,
            self::Conductivity => 20000.0,
        };
    }
}
