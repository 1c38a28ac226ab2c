<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

use Aenum\Core\Units\InvalidInput;

/** Specific heat as a polynomial of temperature: cp(T) = c₀ + c₁T + c₂T² + …, J/(kg·K), T in °C. */
final readonly class HeatCapacity
{
    public const DEGREE = 5;

    /** @param  array{float, float, float, float, float, float}  $coefficients */
    private function __construct(public array $coefficients)
    {
    }

    /**
     * @param  list<float>  $coefficients  c₀ first, one to six of them
     *
     * @throws InvalidInput when empty, too long, or not positive somewhere between −40 and 700 °C
     */
    public static function polynomial(array $coefficients): self
    {
        if ($coefficients === [] || count($coefficients) > self::DEGREE + 1) {
            throw InvalidInput::outside('cp_j_per_kgk', $coefficients, 'one to six numbers, c0 first');
        }
        [$c0, $c1, $c2, $c3, $c4, $c5] = array_pad($coefficients, self::DEGREE + 1, 0.0);
        $capacity = new self([$c0, $c1, $c2, $c3, $c4, $c5]);
        for ($celsius = -40; $celsius <= 700; $celsius += 5) {
            $value = $capacity->at($celsius);
            if (! is_finite($value) || $value < 10 || $value > 20000) {
                throw InvalidInput::outside(
                    'cp_j_per_kgk',
                    $value,
                    "10 to 20000 J/(kg K) at every temperature from -40 to 700 C (at {$celsius} C)",
                );
            }
        }

        return $capacity;
    }

    /** J/(kg·K) at a temperature in °C. */
    public function at(float $celsius): float
    {
        [$c0, $c1, $c2, $c3, $c4, $c5] = $this->coefficients;

        return $c0 + $celsius * ($c1 + $celsius * ($c2 + $celsius * ($c3 + $celsius * ($c4 + $celsius * $c5))));
    }

    /** J/kg between two temperatures in °C: the integral of cp. */
    public function enthalpy(float $fromC, float $toC): float
    {
        $joules = 0.0;
        foreach ($this->coefficients as $power => $c) {
            $joules += ($c * ($toC ** ($power + 1) - $fromC ** ($power + 1))) / ($power + 1);
        }

        return $joules;
    }
}
