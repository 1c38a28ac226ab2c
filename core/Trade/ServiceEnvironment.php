<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Where a part will live. */
enum ServiceEnvironment: string
{
    case Indoors = 'indoors';
    case Outdoors = 'outdoors';
    case Coast = 'coast';
    case Chemicals = 'chemicals';

    /** As it stands behind "it lives". */
    public function label(): string
    {
        return match ($this) {
            self::Coast => 'by salt water',
            self::Chemicals => 'among chemicals',
            default => $this->value,
        };
    }

    /** Film worth having in all, µm. General practice of the trade, unverified; the system sheets come first. */
    public function usualFilmMicrons(): float
    {
        return match ($this) {
            self::Indoors => 60.0,
            self::Outdoors => 80.0,
            self::Coast, self::Chemicals => 120.0,
        };
    }

    /** Salt or chemicals find every shadow the blast leaves. */
    public function isHarsh(): bool
    {
        return in_array($this, [self::Coast, self::Chemicals], true);
    }
}
