<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Oven;

/**
 * Fresh air an oven needs so that the vapor of curing powder and of solvent stays under a quarter of its lower
 * explosive limit (EN 1539, NFPA 86). NFPA 86 takes 9 % of the powder's mass as vapor, counted as xylene, and the limit
 * at oven heat as the room-temperature limit over 1.4. The oven maker's plate and local code come first.
 */
final class OvenVentilation
{
    /** Share of a powder's mass that leaves it as vapor, counted as xylene (NFPA 86). */
    public const VAPOR_SHARE = 0.09;

    /** Lower explosive limit of xylene in air at room temperature, g/m³ (1.0 % by volume). */
    public const LEL_G_PER_M3 = 44.0;

    /** The limit falls by this factor at oven heat (NFPA 86, above 121 °C). */
    public const HOT_FACTOR = 1.4;

    /** Share of the lower explosive limit the vapor may reach (EN 1539). */
    public const SHARE_OF_LEL = 0.25;

    /** Heat a cubic meter of fresh air takes up, J/(m³·K), at 20 °C: 1.2041 kg/m³ × 1006 J/(kg·K). */
    private const AIR_J_PER_M3K = 1211.3;

    /** The vapor of a load is counted as given off within this time, h: a batch releases it while it heats up. */
    private const WITHIN_H = 1.0;

    /** Solvent a wiped face still holds when it goes straight into the oven, kg/m². House figure. */
    public const WIPED_KG_PER_M2 = 0.01;

    /**
     * Returns the fresh air a load needs, m³/h.
     *
     * @param  float  $powderKg  uncured powder that goes in, kg
     * @param  float  $solventKg  solvent that goes in with it, kg
     */
    public static function neededM3PerH(float $powderKg, float $solventKg = 0.0): float
    {
        $vaporG = 1000 * (self::VAPOR_SHARE * $powderKg + $solventKg) / self::WITHIN_H;

        return $vaporG / (self::SHARE_OF_LEL * self::LEL_G_PER_M3 / self::HOT_FACTOR);
    }

    /** Returns the fresh air an oven's vent draws, m³/h, from the heat it carries off. */
    public static function drawnM3PerH(Oven $oven): float
    {
        return 3600 * $oven->ventWPerK / self::AIR_J_PER_M3K;
    }

    /** Returns the most powder an oven may cure in one load by its vent, kg. */
    public static function mostPowderKg(Oven $oven): float
    {
        return self::drawnM3PerH($oven) / self::neededM3PerH(1.0);
    }
}
