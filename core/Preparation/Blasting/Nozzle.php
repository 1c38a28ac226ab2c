<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\Constant;

/**
 * Air through a blast nozzle, choked: ṁ = Cd·A·p0·√(γ/(R·T0))·(2/(γ+1))^((γ+1)/(2(γ−1))).
 *
 * p0 absolute, γ = 1.4, R = 287.05 J/(kg·K), T0 = 293.15 K, Cd = 0.82 with media in the stream; free air at 1.2041
 * kg/m³.
 */
final class Nozzle
{
    private const CD = 0.82;

    private const GAMMA = 1.4;

    private const R_AIR = 287.05;

    private const T0 = 293.15;

    private const FREE_AIR_KG_M3 = 1.2041;

    /** kg/s through a bore in mm at a gauge pressure in bar. */
    public static function airKgPerS(float $boreMm, float $pressureBar): float
    {
        $area = (M_PI / 4) * (Check::above('bore_mm', $boreMm, 0, 50) / 1000) ** 2;
        $p0 = 1e5 * (Check::between('pressure_bar', $pressureBar, 0.9, 20) + Constant::ATMOSPHERE_BAR);

        return self::CD *
            $area *
            $p0 *
            sqrt(self::GAMMA / (self::R_AIR * self::T0)) *
            (2 / (self::GAMMA + 1)) ** ((self::GAMMA + 1) / (2 * (self::GAMMA - 1)));
    }

    /** Free air, m³/min. */
    public static function freeAirM3Min(float $boreMm, float $pressureBar): float
    {
        return (60 * self::airKgPerS($boreMm, $pressureBar)) / self::FREE_AIR_KG_M3;
    }

    /** Gauge pressure at which a compressor of so much free air just feeds the bore, bar. */
    public static function sustainedBar(float $boreMm, float $compressorM3Min): float
    {
        $perBar = self::freeAirM3Min($boreMm, 1.0) / (1.0 + Constant::ATMOSPHERE_BAR);

        return max(0.0, $compressorM3Min / $perBar - Constant::ATMOSPHERE_BAR);
    }

    /** The widest bore a compressor holds at a pressure, mm. */
    public static function largestBoreMm(float $pressureBar, float $compressorM3Min): float
    {
        return sqrt($compressorM3Min / self::freeAirM3Min(1.0, $pressureBar));
    }

    /** A bore one can buy that the compressor holds at a pressure, mm: in halves, never over. */
    public static function boreToFitMm(float $pressureBar, float $compressorM3Min): float
    {
        return floor(2 * self::largestBoreMm($pressureBar, $compressorM3Min)) / 2;
    }
}
