<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** A thick section: from an insulated centre plane to one exposed face. */
final readonly class Slab
{
    private function __construct(public float $halfMm, public float $conductivityWPerMK)
    {
    }

    /**
     * @param  float  $halfMm  centre plane to exposed face, above 0 to 2 000 mm
     * @param  float  $conductivityWPerMK  above 0 to 2 000 W/(m·K)
     *
     * @throws InvalidInput
     */
    public static function of(float $halfMm, float $conductivityWPerMK): self
    {
        return new self(
            Check::above('half_mm', $halfMm, 0, 2000),
            Check::above('k_w_per_mk', $conductivityWPerMK, 0, 2000),
        );
    }
}
