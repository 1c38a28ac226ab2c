<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Spraying;
use App\Models\SprayingZone;

/** A non-contact gauge on raw powder that can be read without one: near what was planned, with its own spread. */
final class SimulatedFilmGauge
{
    private const SPREAD = [1.04, 0.93, 1.09, 0.97];

    /** @return list<float> readings on raw powder, µm, zone by zone */
    public function raw(Spraying $spraying): array
    {
        $shrink = $spraying->powder->atTheGun()->shrink;
        $on = $spraying->zones->values()->map(
            fn (SprayingZone $zone, int $n): float => round(
                self::SPREAD[($zone->id + $n) % count(self::SPREAD)] * $zone->film_um / $shrink,
            ),
        );

        return array_values($on->all());
    }
}
