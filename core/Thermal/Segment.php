<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** A piece of a temperature curve between two moments: the cubic that has both ends' temperature and slope. */
final readonly class Segment
{
    public function __construct(
        public float $fromS,
        public float $toS,
        public float $fromC,
        public float $toC,
        /** K/s */
        public float $fromSlope,
        /** K/s */
        public float $toSlope,
    ) {
    }

    /** A straight piece, as between two samples of a logger. */
    public static function straight(float $fromS, float $toS, float $fromC, float $toC): self
    {
        $slope = ($toC - $fromC) / ($toS - $fromS);

        return new self($fromS, $toS, $fromC, $toC, $slope, $slope);
    }

    /** °C at a moment inside the piece. */
    public function at(float $second): float
    {
        $h = $this->toS - $this->fromS;
        if ($h <= 0) {
            return $this->toC;
        }
        $x = ($second - $this->fromS) / $h;
        $y = 1 - $x;

        return $y * $y * ((1 + 2 * $x) * $this->fromC + $x * $h * $this->fromSlope) +
            $x * $x * ((3 - 2 * $x) * $this->toC - $y * $h * $this->toSlope);
    }

    /** The moment the piece passes a temperature; null unless its ends lie on different sides of it. */
    public function crossing(float $celsius): ?float
    {
        if ($this->fromC >= $celsius === $this->toC >= $celsius) {
            return null;
        }
        $rising = $this->toC >= $celsius;
        [$low, $high] = [$this->fromS, $this->toS];
        for ($n = 0; $n < 40 && $high - $low > 1e-4; $n++) {
            $middle = ($low + $high) / 2;
            if ($this->at($middle) >= $celsius === $rising) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * The stretch of the piece at or above a temperature, in s; null if there is none.
     *
     * @return array{float, float}|null
     */
    public function above(float $celsius): ?array
    {
        $crossing = $this->crossing($celsius);

        return match (true) {
            $crossing === null => $this->fromC >= $celsius ? [$this->fromS, $this->toS] : null,
            $this->toC >= $celsius => [$crossing, $this->toS],
            default => [$this->fromS, $crossing],
        };
    }

    /** K/s at a moment inside the piece. */
    public function slopeAt(float $second): float
    {
        $h = $this->toS - $this->fromS;
        $x = ($second - $this->fromS) / $h;

        return (6 * $x * (1 - $x) * ($this->toC - $this->fromC)) / $h +
            (1 - $x) * (1 - 3 * $x) * $this->fromSlope +
            $x * (3 * $x - 2) * $this->toSlope;
    }

    /** The same piece ended early. */
    public function until(float $second): self
    {
        return $second >= $this->toS
            ? $this
            : new self(
                $this->fromS,
                $second,
                $this->fromC,
                $this->at($second),
                $this->fromSlope,
                $this->slopeAt($second),
            );
    }
}
