<?php

declare(strict_types=1);

namespace App\Application\Simulated;

use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;

/** A simulated ultrasonic gauge: readings near the planned film, with a spread of its own. */
final class SimulatedFilmGauge
{
    private const SPREAD = [1.04, 0.93, 1.09, 0.97];

    /** @return list<float> the film it predicts from uncured powder, µm, zone by zone */
    public function raw(Spraying $spraying): array
    {
        $on = $spraying->zones->values()->map(
            fn (SprayingZone $zone, int $n): float => round(
                self::SPREAD[($zone->id + $n) % count(self::SPREAD)] * $zone->film_um,
            ),
        );

        return array_values($on->all());
    }

    /**
     * Three readings at each spot on a baked film: near what was laid there, where that is known.
     *
     * @param  list<string>  $spots
     * @param  array<string, float>  $laid  µm by spot
     * @return array<string, list<float>> µm by spot
     */
    public function cured(array $spots, array $laid, float $elseUm): array
    {
        $read = [];
        foreach ($spots as $n => $spot) {
            $um = $laid[$spot] ?? $elseUm;
            $read[$spot] = array_map(
                fn (int $k): float => round(self::SPREAD[($n + $k) % count(self::SPREAD)] * $um),
                [0, 1, 2],
            );
        }

        return $read;
    }
}
