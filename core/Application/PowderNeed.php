<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** How much powder a coat takes out of the box: what is sprayed, and what stays in cup or hopper and hose. */
final class PowderNeed
{
    /** Feed of a shop whose guns nobody has recorded. House figure. */
    private const USUAL_FEED = Feed::Cup;

    /**
     * Returns kilograms; nothing where nothing is coated.
     *
     * @param  float  $areaM2  coated, of all pieces
     * @param  float  $sg  specific gravity, 0.5 to 10
     * @param  float  $filmUm  cured, above 0 to 2 000
     * @param  float  $transfer  share of the sprayed powder that lands, above 0 to 1
     * @param  Feed|null  $feed  what the gun is fed from; null where it is not known
     * @param  float  $reserve  kept back for a redo, share of what is sprayed
     */
    public static function kg(
        float $areaM2,
        float $sg,
        float $filmUm,
        float $transfer,
        ?Feed $feed,
        float $reserve = 0.0,
    ): float {
        if ($areaM2 <= 0.0) {
            return 0.0;
        }
        $sprayed = $areaM2 / Coverage::m2PerKg($sg, $filmUm, $transfer);

        return $sprayed * (1 + $reserve) + ($feed ?? self::USUAL_FEED)->keepsG() / 1000;
    }
}
