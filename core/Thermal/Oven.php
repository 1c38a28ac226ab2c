<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** A batch oven as two lumps, air and shell (inner skin, ducts, rack), with a proportional heater. */
final readonly class Oven
{
    private function __construct(
        public float $heaterKw,
        public float $bandK,
        public float $airKjPerK,
        public float $shellKjPerK,
        public float $airToShellWPerK,
        public float $shellLossWPerK,
        public float $ventWPerK,
        public float $doorWPerK,
        public float $convectionWPerM2K,
        public ?float $maxC,
    ) {
    }

    /**
     * @param  float  $heaterKw  full heater power P, 0 to 10 000 kW
     * @param  float  $bandK  proportional band: full power this far under the setpoint, above 0 to 200 K
     * @param  float  $airKjPerK  heat capacity of the air and what follows it at once, kJ/K
     * @param  float  $shellKjPerK  heat capacity of the inner skin, ducts and rack, kJ/K
     * @param  float  $airToShellWPerK  Hs, W/K
     * @param  float  $shellLossWPerK  UA to the shop, W/K
     * @param  float  $ventWPerK  Gv, W/K
     * @param  float  $doorWPerK  Gd while a door is open, W/K
     * @param  float  $convectionWPerM2K  h between air and parts, W/(m²·K)
     * @param  float|null  $maxC  highest setpoint allowed, °C
     *
     * @throws InvalidInput naming the value that is out of range
     */
    public static function of(
        float $heaterKw,
        float $bandK,
        float $airKjPerK,
        float $shellKjPerK,
        float $airToShellWPerK,
        float $shellLossWPerK,
        float $ventWPerK,
        float $doorWPerK,
        float $convectionWPerM2K,
        ?float $maxC = null,
    ): self {
        return new self(
            Check::between('heater_kw', $heaterKw, 0, 10000),
            Check::above('band_k', $bandK, 0, 200),
            Check::above('air_kj_per_k', $airKjPerK, 0, 1e12),
            Check::above('shell_kj_per_k', $shellKjPerK, 0, 1e12),
            Check::between('air_to_shell_w_per_k', $airToShellWPerK, 0, 1e6),
            Check::between('shell_loss_w_per_k', $shellLossWPerK, 0, 1e6),
            Check::between('vent_w_per_k', $ventWPerK, 0, 1e6),
            Check::between('door_w_per_k', $doorWPerK, 0, 1e6),
            Check::between('convection_w_per_m2k', $convectionWPerM2K, 0, 1000),
            $maxC === null ? null : Check::celsius('max_c', $maxC),
        );
    }

    /**
     * The same oven with each of its figures so many times what it was.
     *
     * @param  list<float>  $factors  in the order of OvenFigure
     *
     * @throws InvalidInput where a figure leaves its range
     */
    public function times(array $factors): self
    {
        [$h, $exchange, $loss, $shell, $vent, $air, $heater, $door] = $factors;

        return self::of(
            $heater * $this->heaterKw,
            $this->bandK,
            $air * $this->airKjPerK,
            $shell * $this->shellKjPerK,
            $exchange * $this->airToShellWPerK,
            $loss * $this->shellLossWPerK,
            $vent * $this->ventWPerK,
            $door * $this->doorWPerK,
            $h * $this->convectionWPerM2K,
            $this->maxC,
        );
    }

    /** Where the shell of the empty oven settles for an air temperature: (Hs·Ta + UA·Tamb)/(Hs + UA), °C. */
    public function settledShellC(float $airC, float $ambientC): float
    {
        $sum = $this->airToShellWPerK + $this->shellLossWPerK;

        return $sum > 0 ? ($this->airToShellWPerK * $airC + $this->shellLossWPerK * $ambientC) / $sum : $airC;
    }
}
