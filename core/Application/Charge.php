<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/**
 * The charge that lies in powder before it is baked, and how near it is to breaking through: over an index of 1 the
 * powder throws itself off and leaves stars.
 *
 * A layer of even charge on earthed metal (Poisson), a film already cured as a dielectric under it, and the breakdown
 * of the air in its pores (Paschen).
 */
final readonly class Charge
{
    /** Share of an uncured layer's thickness that is left as film. House figure, unverified. */
    public const SHRINK = 0.55;

    /** Charge of a gram without free ions, µC/g. House figure, unverified. */
    public const USUAL_UC_G = 0.8;

    /** Free ions of so much current double the charge of a gram, µA. House figure, unverified. */
    private const DOUBLING_UA = 40.0;

    /** Permittivity of empty space, F/m (CODATA 2018). */
    private const EPSILON_0 = 8.8541878128e-12;

    /** Of loose powder and of cured film against it. Textbook values. */
    private const LAYER = 1.6;

    private const FILM = 3.5;

    /** Resistivity of a powder whose own is not known, Ω·m. Textbook order of magnitude. */
    public const USUAL_OHM_M = 1e13;

    /** Drained to this, another coat may go on. House figure, unverified. */
    public const DRAINED = 0.5;

    /** Paschen's constants of air: V/(Torr·cm), 1/(Torr·cm), and ln(1 + 1/γ) with γ = 0.01. */
    private const PASCHEN_B = 365.0;

    private const PASCHEN_A = 15.0;

    private const TOWNSEND = 101.0;

    private const TORR = 760.0;

    private function __construct(
        public float $layerV,
        public float $filmV,
        public float $earthV,
        public float $breakdownV,
        public float $index,
        /** Seconds until the index is down to a half; 0 where it is there, null where the earth keeps it over. */
        public ?float $drainS,
    ) {
    }

    /**
     * @param  float  $filmUm  the film the powder on it will become, 0 to 5 000 µm
     * @param  float  $specificGravity  0.5 to 10
     * @param  float  $underUm  film cured already below it, 0 to 5 000 µm
     * @param  float  $microAmps  at the gun, 0 to 1 000 µA
     * @param  float  $chargeUcG  of a gram without free ions, 0 to 100 µC/g
     * @param  float  $waitS  since the powder was laid, 0 to 1e6 s
     * @param  float  $ohmM  resistivity of the powder, above 0 to 1e18 Ω·m
     * @param  float  $ohms  from the part to earth, 0 to 1e9 Ω; its voltage does not drain with the layer
     */
    public static function of(
        float $filmUm,
        float $specificGravity,
        float $underUm = 0.0,
        float $microAmps = 20.0,
        float $chargeUcG = self::USUAL_UC_G,
        float $waitS = 0.0,
        float $ohmM = self::USUAL_OHM_M,
        float $ohms = 0.0,
    ): self {
        $layerM = Check::between('film_um', $filmUm, 0, 5000) / self::SHRINK * 1e-6;
        $filmM = Check::between('under_um', $underUm, 0, 5000) * 1e-6;
        $density = self::density($specificGravity, $microAmps, $chargeUcG);
        $layer = $density * $layerM ** 2 / (2 * self::EPSILON_0 * self::LAYER);
        $film = $density * $layerM * $filmM / (self::EPSILON_0 * self::FILM);
        $earth = self::earthV($microAmps, $ohms);
        $breakdown = self::breakdownV($layerM);
        $tau = Check::above('resistivity_ohm_m', $ohmM, 0, 1e18) * self::EPSILON_0 * self::LAYER;
        $kept = exp(-Check::between('wait_s', $waitS, 0, 1e6) / $tau);
        $room = self::DRAINED - $earth / $breakdown;
        $over = $room > 0.0 ? ($layer + $film) / $breakdown / $room : INF;

        return new self(
            $layer * $kept,
            $film * $kept,
            $earth,
            $breakdown,
            (($layer + $film) * $kept + $earth) / $breakdown,
            is_infinite($over) ? null : $tau * log(max(1.0, $over)),
        );
    }

    /** Voltage of a part whose earth lets the gun's current through so badly, V. */
    public static function earthV(float $microAmps, float $ohms): float
    {
        return Check::between('ua', $microAmps, 0, 1000) * 1e-6 * Check::between('ohms', $ohms, 0, 1e9);
    }

    /** Charge of a layer, C/m³: q_m·(1 + µA/40) a gram, loose. */
    private static function density(float $specificGravity, float $microAmps, float $chargeUcG): float
    {
        $gram = Check::between('q_m_uc_g', $chargeUcG, 0, 100) *
            (1 + Check::between('ua', $microAmps, 0, 1000) / self::DOUBLING_UA);

        return $gram * 1e-3 * Check::between('sg', $specificGravity, 0.5, 10) * 1000 * self::SHRINK;
    }

    /** Paschen: 365·pd/(ln(15·pd) − ln ln 101), pd over the layer's thickness, not left of the curve's least. */
    private static function breakdownV(float $layerM): float
    {
        $least = M_E * log(self::TOWNSEND) / self::PASCHEN_A;
        $pd = max($least, self::TORR * $layerM * 100);

        return self::PASCHEN_B * $pd / (log(self::PASCHEN_A * $pd) - log(log(self::TOWNSEND)));
    }
}
