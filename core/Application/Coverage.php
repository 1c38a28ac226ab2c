<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** How far a kilogram of powder goes: m²/kg = 1000·η/(SG·µm). */
final class Coverage
{
    /**
     * @param  float  $specificGravity  of the powder, 0.5 to 10
     * @param  float  $filmMicrons  cured film, above 0 to 2 000 µm
     * @param  float  $efficiency  share of the sprayed powder that ends up on the part, above 0 to 1
     */
    public static function m2PerKg(float $specificGravity, float $filmMicrons, float $efficiency): float
    {
        return 1000 * Check::above('efficiency', $efficiency, 0, 1)
            / (Check::between('sg', $specificGravity, 0.5, 10) * Check::above('film_um', $filmMicrons, 0, 2000));
    }
}
