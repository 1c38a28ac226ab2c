<?php

declare(strict_types=1);

namespace Aenum\Core\Metal;

/**
 * What a part is made of, as far as heat is concerned.
 *
 * Conductivity in W/(m·K) and density in kg/m³ may be unknown for a metal given only by its specific heat.
 */
final readonly class Metal
{
    public function __construct(
        public string $key,
        public string $name,
        public HeatCapacity $heatCapacity,
        public ?float $conductivityWPerMK,
        public ?float $densityKgPerM3,
        /** Emissivity of the clean, uncoated metal, 0 to 1: what an infrared thermometer sees before the powder is on. */
        public float $bareEmissivity,
        public bool $ageHardens,
        public string $source,
    ) {
    }

    /** A metal a load file describes by its specific heat alone. */
    public static function custom(HeatCapacity $heatCapacity): self
    {
        return new self('custom', 'metal as given', $heatCapacity, null, null, 0.5, false, 'given with the load');
    }

    /** Whole area of a part of this metal with a mean wall, both faces counted: A = 2m/(ρ·t), m². */
    public function areaFromWall(float $massKg, float $wallMm): ?float
    {
        return $this->densityKgPerM3 === null ? null : 2 * $massKg / ($this->densityKgPerM3 * $wallMm / 1000);
    }
}
