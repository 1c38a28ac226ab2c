<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** How much of the cloud a part stands in the way of. */
enum Openness: string
{
    case Panel = 'panel';
    case Casting = 'casting';
    case Lattice = 'lattice';

    /** Skin over the two largest faces of its box: under this most of the cloud flies past. House figure. */
    public const LATTICE_SKIN = 0.6;

    /**
     * Returns what stands in the way of the cloud.
     *
     * @param  bool  $hasRecesses  cast, or with recesses
     * @param  array{float, float, float}|null  $boxMm  outside measures
     * @param  float|null  $areaM2  of one piece
     */
    public static function ofShape(bool $hasRecesses, ?array $boxMm, ?float $areaM2): self
    {
        if ($hasRecesses) {
            return self::Casting;
        }
        if ($boxMm === null || $areaM2 === null) {
            return self::Panel;
        }
        rsort($boxMm);

        return $areaM2 < self::LATTICE_SKIN * 2 * $boxMm[0] * $boxMm[1] * 1e-6 ? self::Lattice : self::Panel;
    }

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Panel => 'panel or closed body',
            self::Casting => 'casting with recesses',
            self::Lattice => 'lattice, tubes or bars',
        };
    }

    /** Share of the sprayed powder that lands, first coat, cold, good earth. House figures, unverified. */
    public function transfer(): float
    {
        return match ($this) {
            self::Panel => 0.70,
            self::Casting => 0.50,
            self::Lattice => 0.375,
        };
    }
}
