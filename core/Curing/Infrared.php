<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\Constant;
use Aenum\Core\Units\InvalidInput;

/** What an infrared thermometer sees: Planck's law over its band of 8 to 14 µm, not the whole spectrum. */
final class Infrared
{
    /** Under this a surface mirrors more than it shows of itself, and no reading of it is usable. */
    public const LEAST_EMISSIVITY = 0.5;

    /** Of matt tape or paint rated for the heat. House figure; its maker's comes first. */
    public const PATCH_EMISSIVITY = 0.95;

    public const NOT_USABLE = 'not usable on this surface: it mirrors what faces it. Put a patch of matt tape or paint '
        .'rated for the heat on it, and read that';

    /** Edges of the band, m. */
    private const FROM_M = 8e-6;

    private const TO_M = 14e-6;

    /** Second radiation constant h·c/k, m·K (CODATA). */
    private const C2_M_K = 0.01438776877;

    /** Simpson's rule over the band; even. */
    private const PIECES = 24;

    /**
     * Radiance of a black body in the band, in units of its first radiation constant.
     *
     * @param  float  $celsius  −40 to 700 and a little beyond
     */
    public static function radiance(float $celsius): float
    {
        $kelvin = $celsius + Constant::KELVIN_AT_0_C;
        $step = (self::TO_M - self::FROM_M) / self::PIECES;
        $sum = 0.0;
        for ($n = 0; $n <= self::PIECES; $n++) {
            $wave = self::FROM_M + $n * $step;
            $weight = $n === 0 || $n === self::PIECES ? 1 : ($n % 2 === 1 ? 4 : 2);
            // In micrometres, so that the numbers stay near one.
            $sum += $weight * (1e6 * $wave) ** -5 / (exp(self::C2_M_K / ($wave * $kelvin)) - 1);
        }

        return $sum * $step * 1e6 / 3;
    }

    /** Temperature of a black body of that radiance in the band, °C; NAN for none there is. */
    public static function celsiusOf(float $radiance): float
    {
        [$low, $high] = [-270.0, 3000.0];
        if ($radiance <= 0 || $radiance > self::radiance($high)) {
            return NAN;
        }
        while ($high - $low > 1e-7) {
            $middle = ($low + $high) / 2;
            if (self::radiance($middle) < $radiance) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** What an instrument set to the surface's own emissivity shows: the way back from trueCelsius(), °C. */
    public static function shownCelsius(float $trueC, float $emissivity, float $facesC, float $shopC): float
    {
        $mirrored = (1 - $emissivity) * (self::radiance($facesC) - self::radiance($shopC));

        return self::celsiusOf(self::radiance($trueC) + $mirrored / $emissivity);
    }

    /**
     * The true temperature behind a reading.
     *
     * The surface gives ε of its own and mirrors 1 − ε of what faces it; the instrument takes what it sees for a
     * surface of the emissivity it is set to, that mirrors the shop it is held in.
     *
     * @param  float  $shownC  as the instrument shows it
     * @param  float  $setEmissivity  as it is set, above 0 to 1
     * @param  float  $emissivity  of the surface, LEAST_EMISSIVITY to 1
     * @param  float  $facesC  what the surface mirrors: the oven's shell behind a shut door, the shop with it open
     * @param  float  $shopC  air of the shop
     *
     * @throws InvalidInput where the surface mirrors too much, or no temperature looks like that
     */
    public static function trueCelsius(
        float $shownC,
        float $setEmissivity,
        float $emissivity,
        float $facesC,
        float $shopC,
    ): float {
        Check::above('set_emissivity', $setEmissivity, 0, 1);
        if ($emissivity < self::LEAST_EMISSIVITY) {
            throw InvalidInput::outside('surface', "of emissivity {$emissivity}", self::NOT_USABLE);
        }
        Check::above('emissivity', $emissivity, 0, 1);
        $seen = $setEmissivity * self::radiance($shownC) + (1 - $setEmissivity) * self::radiance($shopC);
        $true = self::celsiusOf(($seen - (1 - $emissivity) * self::radiance($facesC)) / $emissivity);

        return is_nan($true)
            ? throw InvalidInput::outside('shown', $shownC, 'a reading this surface can give beside what faces it')
            : $true;
    }
}
