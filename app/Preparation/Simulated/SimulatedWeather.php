<?php

declare(strict_types=1);

namespace App\Preparation\Simulated;

use Carbon\CarbonImmutable;

/**
 * A simulated weather station: air over a lakeside day, damp before dawn and in the evening mist. It depends on the
 * clock only.
 */
final class SimulatedWeather
{
    /** @return array{air_c: float, rh_pct: float} */
    public function shows(CarbonImmutable $at): array
    {
        $hour = $at->hour + $at->minute / 60;
        $day = sin((2 * M_PI * ($hour - 9)) / 24);
        $gust = sin((2 * M_PI * $at->minute) / 60 + $at->dayOfYear);

        return [
            'air_c' => round(17 + 4 * $day + 0.3 * $gust, 1),
            'rh_pct' => round(min(96, max(30, 58 - 14 * $day + 2 * $gust)), 0),
        ];
    }
}
