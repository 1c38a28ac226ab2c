<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Segment;
use Aenum\Core\Units\Constant;

/**
 * How fast something advances with temperature: ln t = a + b/T, t in minutes, T in K, rate = 1/t.
 *
 * Below `fromC` nothing happens; above `cappedC` (where given) the rate stays what it is there.
 */
final readonly class ArrheniusRate
{
    /** Nodes and weights of the three-point Gauss rule on 0 to 1. */
    private const GAUSS = [[0.1127016653792583, 5 / 18], [0.5, 8 / 18], [0.8872983346207417, 5 / 18]];

    public function __construct(public float $a, public float $b, public float $fromC, public ?float $cappedC = null)
    {
    }

    /**
     * Least squares of ln t on 1/T over the rows; with one row b = E/R.
     *
     * @param  non-empty-list<array{float, float}>  $rows  [°C, minutes]
     * @param  float  $energyJPerMol  E, for a single row
     */
    public static function fit(array $rows, float $energyJPerMol, float $fromC, ?float $cappedC = null): self
    {
        $x = array_map(fn (array $row): float => 1 / ($row[0] + Constant::KELVIN_AT_0_C), $rows);
        $y = array_map(fn (array $row): float => log($row[1]), $rows);
        $n = count($rows);
        $meanX = array_sum($x) / $n;
        $meanY = array_sum($y) / $n;
        if ($n === 1) {
            $b = $energyJPerMol / Constant::GAS;
        } else {
            $xy = $xx = 0.0;
            foreach ($x as $i => $value) {
                $xy += ($value - $meanX) * ($y[$i] - $meanY);
                $xx += ($value - $meanX) ** 2;
            }
            $b = $xy / $xx;
        }

        return new self($meanY - $b * $meanX, $b, $fromC, $cappedC);
    }

    /** Minutes that make a whole at this temperature, °C, by the fitted law alone. */
    public function minutesAt(float $celsius): float
    {
        return exp($this->a + $this->b / (min($celsius, $this->cappedC ?? INF) + Constant::KELVIN_AT_0_C));
    }

    /** Share gathered over a piece of a curve, up to a moment in it (s). */
    public function over(Segment $piece, ?float $untilS = null): float
    {
        $stretch = $piece->above($this->fromC);
        if ($stretch === null) {
            return 0.0;
        }
        [$from, $to] = $stretch;
        if ($untilS !== null && $untilS < $to) {
            $to = $untilS;
        }
        if ($to <= $from) {
            return 0.0;
        }
        $kink = $this->cappedC === null ? null : $piece->crossing($this->cappedC);

        return $kink !== null && $kink > $from && $kink < $to
            ? $this->gauss($piece, $from, $kink) + $this->gauss($piece, $kink, $to)
            : $this->gauss($piece, $from, $to);
    }

    private function gauss(Segment $piece, float $from, float $to): float
    {
        $sum = 0.0;
        foreach (self::GAUSS as [$node, $weight]) {
            $celsius = $piece->at($from + $node * ($to - $from));
            if ($this->cappedC !== null && $celsius > $this->cappedC) {
                $celsius = $this->cappedC;
            }
            $sum += $weight * exp(-$this->a - $this->b / ($celsius + Constant::KELVIN_AT_0_C));
        }

        return $sum * ($to - $from) / 60;
    }
}
