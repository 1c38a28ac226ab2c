<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** What one pass of the gun lays down: µm = ṁ·TE·10⁶/(60·SG·w·v), overlap o multiplies by 1/(1−o). */
final class FilmPass
{
    /**
     * @param  float  $flowGPerMin  powder from the gun, above 0 to 2 000
     * @param  float  $transfer  share that lands, above 0 to 1
     * @param  float  $specificGravity  0.5 to 10
     * @param  float  $patternMm  width of the cloud, above 0 to 2 000
     * @param  float  $handMmPerS  speed of the hand, above 0 to 5 000
     * @param  float  $overlap  share of the last stroke covered again, 0 to 0.95
     */
    public static function microns(
        float $flowGPerMin,
        float $transfer,
        float $specificGravity,
        float $patternMm,
        float $handMmPerS,
        float $overlap = 0.0,
    ): float {
        return (Check::above('flow_g_min', $flowGPerMin, 0, 2000) *
            Check::above('transfer', $transfer, 0, 1) *
            1e6) /
            (60 *
                Check::between('sg', $specificGravity, 0.5, 10) *
                Check::above('pattern_mm', $patternMm, 0, 2000) *
                Check::above('hand_mm_s', $handMmPerS, 0, 5000)) /
            (1 - Check::between('overlap', $overlap, 0, 0.95));
    }
}
