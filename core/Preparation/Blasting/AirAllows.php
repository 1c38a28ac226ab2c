<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

/** What air of a temperature and humidity lets a finisher do. */
final readonly class AirAllows
{
    /** Drier than this no sensor reads, per cent. */
    private const LEAST_PCT = 1.0;

    private function __construct(
        public float $airC,
        public float $humidityPct,
        public float $dewPointC,
        /** Metal must be as warm as this to be blasted or coated, °C. */
        public float $leastMetalC,
        /** Whether metal as warm as the air is. */
        public bool $mayWork,
        /** How long blasted steel may stand bare, min. */
        public float $bareMinutes,
    ) {
    }

    /**
     * @param  float  $airC  −40 to 80
     * @param  float  $humidityPct  0 to 100
     * @param  bool  $coast  salt in the air
     */
    public static function of(float $airC, float $humidityPct, bool $coast): self
    {
        $dew = DewPoint::celsius($airC, max(self::LEAST_PCT, $humidityPct));

        return new self(
            $airC,
            $humidityPct,
            $dew,
            $dew + DewPoint::MARGIN_K,
            DewPoint::mayWork($airC, $airC, max(self::LEAST_PCT, $humidityPct)),
            60 * BareSteelClock::hours($humidityPct, $coast),
        );
    }
}
