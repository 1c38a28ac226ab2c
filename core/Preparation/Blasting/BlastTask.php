<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Quantity;

/** What the nozzle is taken up for, and where it is set for that. House figures of general practice, unverified. */
enum BlastTask: string
{
    case Shade = 'shade';
    case Carve = 'carve';
    case Paint = 'paint';
    case Scale = 'scale';

    /** Card, rags and thin covers hold a face up to this, bar; above it only tape, rubber or sheet does. */
    public const SOFT_COVERS_BAR = 0.35;

    /** The order it is done in. */
    public const ORDER = 'Insides, then recesses, then faces; over stamped numbers quickly and flat, so that they stay '
        .'readable.';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Shade => 'light shading, a sweep',
            self::Carve => 'carving, lettering',
            self::Paint => 'paint',
            self::Scale => 'scale and rust',
        };
    }

    /** @return array{float, float} pressure at the nozzle, bar */
    public function bars(): array
    {
        return match ($this) {
            self::Shade => [1.5, 2.5],
            self::Carve => [2.0, 3.5],
            self::Paint => [4.0, 6.0],
            self::Scale => [5.5, 7.0],
        };
    }

    /** The same as it is told. */
    public function pressure(): Quantity
    {
        return Quantity::range(Dimension::Pressure, ...$this->bars());
    }
}
