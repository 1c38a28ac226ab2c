<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** Where on a part the gun is; in spraying order. */
enum ZoneKind: string
{
    case Recess = 'recess';
    case Inside = 'inside';
    case Face = 'face';
    case FarSide = 'far_side';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Recess => 'recess',
            self::Inside => 'insides, undersides, edges',
            self::Face => 'faces',
            self::FarSide => 'the far side',
        };
    }

    /** Share of the skin outside the recesses. House figures, unverified. */
    public function share(): float
    {
        return match ($this) {
            self::Recess => 0.0,
            self::Inside => 0.25,
            self::Face => 0.45,
            self::FarSide => 0.30,
        };
    }

    /** Passes it has had already from those before it: overspray beside recesses, wrap on the far side. */
    public function passesForNothing(bool $afterRecesses): int
    {
        return match ($this) {
            self::Inside => $afterRecesses ? 1 : 0,
            self::FarSide => 1,
            default => 0,
        };
    }
}
