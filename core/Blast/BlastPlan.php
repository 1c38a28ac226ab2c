<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Unit\Check;

/**
 * Minutes, media and profile of blasting one kind of part.
 *
 * rate = base(what is on it) × media × (ṁ/ṁ_ref) × (p/p_ref)^0.5 × access × mixture ÷ shop factor, with ṁ_ref and p_ref
 * those of 8 mm at 7 bar, and mixture = x/x₀·exp(1 − x/x₀). Clean galvanising is swept: the same, from the rate of a sweep.
 */
final readonly class BlastPlan
{
    public const REFERENCE_BORE_MM = 8.0;

    public const REFERENCE_BAR = 7.0;

    /** A sweep only dulls the zinc: its rate is that of fine media at low pressure. */
    private const SWEEP = ['bar' => 2.5, 'media' => 'fine_garnet', 'm2_per_h' => RouteTimes::SWEEP_M2_PER_H];

    /** Only so much of the base rate where the nozzle cannot stand square to the work. House figures. */
    public const ACCESS = ['open' => 1.0, 'some_recesses' => 0.75, 'deep' => 0.5];

    /** How deep peaks go against mild steel. House figures. */
    private const SOFTNESS = ['aluminium' => 1.3, 'cast_aluminium' => 1.25, 'zinc_die_cast' => 1.4, 'galvanised_steel' => 1.2, 'brass' => 1.15, 'bronze' => 1.1, 'copper' => 1.3, 'stainless_steel' => 0.8, 'cast_iron' => 0.9];

    private function __construct(
        public float $bar,
        public float $rateM2PerH,
        /** Without the shop's factor: what a logged time is held against. */
        public float $plainMinutes,
        public float $minutes,
        /** Media through the nozzle, kg/min. */
        public float $mediaKgPerMin,
        /** Media worn to dust, kg. */
        public float $mediaKg,
        public float $rzMicrons,
        public float $freeAirM3Min,
    ) {
    }

    /**
     * @param  float  $areaM2  of all pieces
     * @param  list<string>  $onIt  what the blast must take off; the slowest decides
     * @param  float  $bar  at the nozzle, as held
     * @param  float  $mixture  kg of media to a kg of air
     */
    public static function of(string $media, string $metal, array $onIt, float $areaM2, float $boreMm, float $bar, float $mixture, string $access = 'open', ?ShopFactor $factor = null): self
    {
        Check::above('area_m2', $areaM2, 0, 1e6);
        $air = Nozzle::airKgPerS($boreMm, $bar);
        $base = min([RouteTimes::BLAST_M2_PER_H['bare'], ...array_map(fn (string $on): float => RouteTimes::BLAST_M2_PER_H[$on] ?? RouteTimes::BLAST_M2_PER_H['bare'], $onIt)]);
        $sweeps = $metal === 'galvanised_steel' && array_diff($onIt, ['bare']) === [];
        [$reference, $against] = $sweeps ? [self::SWEEP['bar'], MediaCatalogue::rate(self::SWEEP['media'])] : [self::REFERENCE_BAR, 1.0];
        $rate = ($sweeps ? self::SWEEP['m2_per_h'] : $base) * MediaCatalogue::rate($media) / $against * $air / Nozzle::airKgPerS(self::REFERENCE_BORE_MM, $reference)
            * sqrt($bar / $reference) * self::ACCESS[$access] * self::mixtureFactor($mixture, MediaCatalogue::bestMixture($media));
        $plain = 60 * $areaM2 / $rate;
        $minutes = $plain * ($factor->factor ?? 1.0);
        $flow = 60 * $mixture * $air;

        return new self($bar, 60 * $areaM2 / $minutes, $plain, $minutes, $flow, $flow * $minutes / MediaCatalogue::cycles($media), self::rz($media, $metal, $bar), Nozzle::freeAirM3Min($boreMm, $bar));
    }

    /** How much of the best rate a mixture leaves, 0 to 1: starved it cleans little, flooded the spent grains shield the work. */
    public static function mixtureFactor(float $mixture, float $best): float
    {
        $share = Check::above('mixture', $mixture, 0, 20) / Check::above('best mixture', $best, 0, 20);

        return $share * exp(1 - $share);
    }

    /** Expected peak-to-valley, µm, on a metal at a pressure in bar. House rule: with the root of the pressure. */
    public static function rz(string $media, string $metal, float $bar): float
    {
        return MediaCatalogue::rzMicrons($media) * (self::SOFTNESS[$metal] ?? 1.0) * sqrt($bar / self::REFERENCE_BAR);
    }
}
