<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/**
 * How much powder reaches a place, against the open face beside it.
 *
 * Field lines end on the first metal they meet, so what is carried by the field stays at a recess's mouth; what is
 * carried by the air goes further in. κ, the electric share, parts the two.
 */
final class Recess
{
    /** A gun's powder air at which κ is a half at 25 kV. House figure, unverified. */
    private const AIR_AS_KV = 25.0;

    /** First zero of the Bessel function J₀, doubled: the field in a bore falls with it over the diameter. */
    private const BORE_DECAY = 4.80965;

    /** The air-borne share falls by e over so many widths of a slot. House figure, unverified. */
    private const SLOT_AIR_WIDTHS = 2.0;

    /** A sharp outside edge draws at most so many times the face's share. House figure, unverified. */
    private const MOST_AT_EDGE = 3.0;

    /** Depth over width from which a recess is hard to coat, and from which it stays thin. General practice. */
    public const HARD = 1.0;

    public const VERY_HARD = 2.0;

    /**
     * κ = kV/(kV + 25·air).
     *
     * @param  float  $kv  at the gun, 0 to 200 kV
     * @param  float  $air  powder air against the gun's usual, above 0 to 10
     */
    public static function electricShare(float $kv, float $air = 1.0): float
    {
        Check::between('kv', $kv, 0, 200);

        return $kv / ($kv + self::AIR_AS_KV * Check::above('air', $air, 0, 10));
    }

    /**
     * At the floor of a slot: κ·e^(−πz/w) + (1−κ)·e^(−z/2w), Laplace between grounded walls.
     *
     * @param  float  $widthMm  its narrower side, above 0 to 10 000
     * @param  float  $depthMm  0 to 10 000
     * @return float share of the open face's film, 0 to 1
     */
    public static function slot(float $electricShare, float $widthMm, float $depthMm): float
    {
        $deep = Check::between('depth_mm', $depthMm, 0, 10000) / Check::above('width_mm', $widthMm, 0, 10000);

        return $electricShare * exp(-M_PI * $deep) + (1 - $electricShare) * exp(-$deep / self::SLOT_AIR_WIDTHS);
    }

    /**
     * At the floor of a bore: κ·e^(−4.80965·z/D) + (1−κ)·e^(−z/D).
     *
     * @param  float  $diameterMm  above 0 to 10 000
     * @param  float  $depthMm  0 to 10 000
     * @return float share of the open face's film, 0 to 1
     */
    public static function bore(float $electricShare, float $diameterMm, float $depthMm): float
    {
        $deep = Check::between('depth_mm', $depthMm, 0, 10000) / Check::above('diameter_mm', $diameterMm, 0, 10000);

        return $electricShare * exp(-self::BORE_DECAY * $deep) + (1 - $electricShare) * exp(-$deep);
    }

    /**
     * Beside a corner: κ·min(3, min(1, r/R)^(180°/α − 1)) + (1−κ).
     *
     * @param  float  $angleDeg  interior angle, above 0 and under 360; over 180 is an outside edge, which builds up
     * @param  float  $fromMm  r from the corner, 0 to 10 000
     * @param  float  $reachMm  R within which the corner is felt, above 0 to 10 000
     * @return float share of the open face's film, 0 to 3
     */
    public static function corner(float $electricShare, float $angleDeg, float $fromMm, float $reachMm): float
    {
        Check::above('angle_deg', $angleDeg, 0, 360 - 1e-9);
        $near = min(1.0, Check::between('from_mm', $fromMm, 0, 10000) / Check::above('reach_mm', $reachMm, 0, 10000));
        $power = 180 / $angleDeg - 1;
        $field = $near > 0.0 ? $near ** $power : match ($power <=> 0.0) {
            1 => 0.0,
            0 => 1.0,
            default => INF,
        };

        return $electricShare * min(self::MOST_AT_EDGE, $field) + (1 - $electricShare);
    }
}
