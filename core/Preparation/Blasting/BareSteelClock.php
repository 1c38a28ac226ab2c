<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;

/**
 * How long blasted steel may stand bare before the first powder, by the air's humidity. House table of general
 * practice.
 */
final class BareSteelClock
{
    /** relative humidity under, % => hours */
    private const HOURS = [40 => 8.0, 50 => 6.0, 60 => 4.0, 70 => 2.0, 85 => 1.0];

    /** The most any air allows, s. */
    public const LONGEST_S = 8 * 3600.0;

    /** Salt in the air takes this share. */
    private const SALT = 0.5;

    /** @param  bool  $coast salt in the air halves it */
    public static function hours(float $humidityPct, bool $coast): float
    {
        Check::between('rh_pct', $humidityPct, 0, 100);
        foreach (self::HOURS as $under => $hours) {
            if ($humidityPct < $under) {
                return $coast ? $hours * self::SALT : $hours;
            }
        }

        return 0.0;
    }
}
