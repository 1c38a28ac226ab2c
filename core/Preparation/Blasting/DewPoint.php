<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;

/** When water settles on metal. Magnus formula with the coefficients 17.62 and 243.12 °C (WMO guide, over water). */
final class DewPoint
{
    /** Metal is kept this far above the dew point, K. */
    public const MARGIN_K = 3.0;

    /** γ = ln(RH/100) + 17.62T/(243.12+T), Td = 243.12γ/(17.62−γ), °C. */
    public static function celsius(float $airC, float $humidityPct): float
    {
        Check::between('air_c', $airC, -40, 80);
        Check::above('rh_pct', $humidityPct, 0, 100);
        $gamma = log($humidityPct / 100) + 17.62 * $airC / (243.12 + $airC);

        return 243.12 * $gamma / (17.62 - $gamma);
    }

    /** Whether metal at a temperature may be blasted or coated in this air. */
    public static function mayWork(float $metalC, float $airC, float $humidityPct): bool
    {
        return $metalC >= self::celsius($airC, $humidityPct) + self::MARGIN_K;
    }
}
