<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\LoadItem;

/** When a part that comes out of an oven may be coated warm, and when it is cold enough to coat cold. */
final readonly class WarmWindow
{
    /** Part metal between which powder is laid warm, °C. General practice of the trade. */
    public const TOP_C = 90.0;

    public const BOTTOM_C = 70.0;

    /** Coated cold under this, °C part metal. General practice of the trade. */
    public const COLD_C = 40.0;

    private function __construct(
        /** Minutes after the pull. */
        public float $opensMin,
        public float $shutsMin,
        public float $coldMin,
    ) {
    }

    /**
     * @param  LoadItem  $item  as it cools in still air
     * @param  float  $fromC  part metal as it was pulled, −40 to 700
     * @param  float  $roomC  −40 to 60; a room too warm to cool to cold says never, as INF
     * @param  float  $topC  no warmer than the powder's softening point, where that is lower
     */
    public static function of(LoadItem $item, float $fromC, float $roomC, float $topC = self::TOP_C): self
    {
        $to = fn (float $targetC): float => $targetC >= $fromC ? 0.0 : ($targetC <= $roomC + 0.5
            ? INF
            : Cooling::minutes($item, $fromC, $roomC, $targetC));

        return new self($to(min($topC, self::TOP_C)), $to(self::BOTTOM_C), $to(self::COLD_C));
    }

    /** Steps of the search for a temperature; within a twentieth of a kelvin from 300. */
    private const HALVINGS = 13;

    /**
     * Part metal so long after the pull, °C, found by halving on the cooling curve.
     *
     * @param  float  $minutes  0 and more
     */
    public static function celsiusAfter(LoadItem $item, float $fromC, float $roomC, float $minutes): float
    {
        [$low, $high] = [$roomC + 0.5, $fromC];
        if ($high <= $low || Cooling::minutes($item, $fromC, $roomC, $low) <= $minutes) {
            return min($fromC, $low);
        }
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            Cooling::minutes($item, $fromC, $roomC, $middle) > $minutes ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** How long it is open, min. */
    public function lengthMin(): float
    {
        return $this->shutsMin - $this->opensMin;
    }
}
