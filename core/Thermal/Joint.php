<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** How two regions of a part hang together, and what heat the neck between them carries; the first is the default. */
enum Joint: string
{
    case Casting = 'casting';
    case Spokes = 'spokes';
    case Weld = 'weld';
    case Bolted = 'bolted';
    case Apart = 'apart';

    /** Bolted or hung, W/K: 0.5 to 2 in general. House figure. */
    private const BOLTED_W_PER_K = 1.0;

    /** As a person answers it. */
    public function label(): string
    {
        return match ($this) {
            self::Casting => 'one casting, solid all round',
            self::Spokes => 'a web or spokes',
            self::Weld => 'a welded seam',
            self::Bolted => 'bolted or hung on',
            self::Apart => 'not joined',
        };
    }

    /** Whether how many, how thick and how long the necks are must be said. */
    public function isMeasured(): bool
    {
        return $this === self::Spokes;
    }

    /** Whether the length of the seam must be said. */
    public function hasSeam(): bool
    {
        return $this === self::Weld;
    }

    /**
     * G = k·A/L of the neck, W/K; null where nothing joins them, or the metal's conductivity is not known.
     *
     * One casting: A is the thinner mean wall, 2m/(ρA), all round the smaller region, π·√(area/2); L is half of
     * √(A₁/2) + √(A₂/2). House figure, on the safe side. Spokes: as round rods. A weld: the thinner wall along its
     * seam.
     *
     * @param  int  $many  necks, 1 and more
     * @param  float|null  $thickMm  of one neck
     * @param  float|null  $longMm  of one neck, or of the seam
     */
    public function wPerK(
        LoadItem $a,
        LoadItem $b,
        int $many = 1,
        ?float $thickMm = null,
        ?float $longMm = null,
    ): ?float {
        $k = $a->metal->conductivityWPerMK;
        $density = $a->metal->densityKgPerM3;
        if ($k === null || $density === null || $this === self::Apart) {
            return null;
        }
        $wall = min(2 * $a->massKg / ($density * $a->areaM2), 2 * $b->massKg / ($density * $b->areaM2));
        $length = 0.5 * (sqrt($a->areaM2 / 2) + sqrt($b->areaM2 / 2));

        return match ($this) {
            self::Bolted => self::BOLTED_W_PER_K,
            self::Spokes => $thickMm === null || $longMm === null
                ? null
                : $k * $many * M_PI / 4 * ($thickMm / 1000) ** 2 / ($longMm / 1000),
            self::Weld => $longMm === null ? null : $k * $wall * ($longMm / 1000) / $length,
            default => $k * $wall * M_PI * sqrt(min($a->areaM2, $b->areaM2) / 2) / $length,
        };
    }
}
