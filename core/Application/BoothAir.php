<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** Powder hanging in the booth's air: it must stay under half the lower explosive limit. */
final class BoothAir
{
    /** The limit where the powder's own is not known, g/m³. */
    public const LIMIT_G_M3 = 10.0;

    /** g/m³ where all that is sprayed hangs in the air drawn through. */
    public static function gramsPerM3(float $sprayGPerMin, float $airM3PerMin): float
    {
        return Check::between('spray_g_min', $sprayGPerMin, 0, 10000) /
            Check::above('air_m3_min', $airM3PerMin, 0, 1e5);
    }

    /** Half the powder's lower explosive limit, or the general figure. */
    public static function limit(?float $lelGPerM3): float
    {
        return $lelGPerM3 === null ? self::LIMIT_G_M3 : Check::above('lel_g_m3', $lelGPerM3, 0, 1000) / 2;
    }
}
