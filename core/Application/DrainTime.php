<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Preparation\Racking\Ground;

/**
 * How long a part is left before the next coat of powder, so that its charge drains to ground.
 *
 * The layer's own time (Charge::$drainS) is minutes at most; finishers leave a second coat about ten minutes, more
 * coats half an hour, and twice that on poor ground, up to an hour. The longer of both counts. House figures of general
 * practice, unverified.
 */
final class DrainTime
{
    /** Coats under this one => minutes. */
    private const MINUTES = [0 => 0.0, 1 => 10.0, 2 => 20.0];

    private const MANY_COATS_MIN = 30.0;

    private const POOR_GROUND_FACTOR = 2.0;

    /** Longer than this nobody waits, min. */
    public const MOST_MIN = 60.0;

    /**
     * Returns minutes.
     *
     * @param  int  $coatsUnder  0 and more
     * @param  float|null  $ohms  part to ground, Ω; null where it was not measured, which counts as poor
     * @param  float|null  $layerS  the layer's own time, s; null where it never drains at this ground
     */
    public static function minutes(int $coatsUnder, ?float $ohms, ?float $layerS): float
    {
        $practice = self::MINUTES[$coatsUnder] ?? self::MANY_COATS_MIN;
        $poor = $ohms === null || $ohms >= Ground::DIRTY_OHM;
        $practice *= $poor ? self::POOR_GROUND_FACTOR : 1.0;

        return min(self::MOST_MIN, max($practice, $layerS === null ? self::MOST_MIN : $layerS / 60));
    }
}
