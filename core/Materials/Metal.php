<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

/**
 * A metal with every fact the shop's decisions ask of it. Adding one to the registry is adding one of these.
 *
 * Conductivity in W/(m·K) and density in kg/m³ may be unknown for a metal given only by its specific heat.
 */
final readonly class Metal
{
    /** Every figure that needs a source beside it. */
    public const FIGURES = ['heat', 'conductivity', 'density', 'emissivity', 'softness', 'limit'];

    /**
     * @param  string  $key  lower case with underscores; stored with parts, so it never changes
     * @param  float  $bareEmissivity  of the clean, uncoated metal, 0 to 1: what an infrared thermometer sees
     * @param  float  $softness  how deep a blast's peaks go against mild steel, 1 for mild steel
     * @param  bool  $alwaysCast  it comes as a casting, whatever is said of how it was made
     * @param  bool  $holdsZinc  zinc in it or on it: fume where it is burned off, welded or ground
     * @param  float|null  $bakeWarnC  part metal past which a bake is worth a word, °C
     * @param  float|null  $bakeStopC  part metal past which it is spoiled, °C
     * @param  array<string, list<string>>  $answers  question => answers it may give, see MetalQuestions
     * @param  array<string, string>  $sources  figure => where it is from; one for each of FIGURES it has
     *
     * @throws \LogicException where a figure has no source
     */
    public function __construct(
        public string $key,
        public string $name,
        public MetalFamily $family,
        public HeatCapacity $heatCapacity,
        public ?float $conductivityWPerMK,
        public ?float $densityKgPerM3,
        public float $bareEmissivity,
        public float $softness,
        public bool $alwaysCast,
        public bool $holdsZinc,
        public ?float $bakeWarnC,
        public ?float $bakeStopC,
        public array $answers,
        public array $sources,
    ) {
        $asked = $family === MetalFamily::Unknown ? [] : self::FIGURES;
        foreach ($asked as $figure) {
            if (($sources[$figure] ?? '') === '' && ($figure !== 'limit' || $bakeStopC !== null)) {
                throw new \LogicException("{$key}: the source of its {$figure} is missing");
            }
        }
    }

    /** A metal a load file describes by its specific heat alone. */
    public static function custom(HeatCapacity $heatCapacity): self
    {
        return new self(
            'custom', 'metal as given', MetalFamily::Unknown, $heatCapacity, null, null,
            bareEmissivity: 0.5, softness: 1.0, alwaysCast: false, holdsZinc: false,
            bakeWarnC: null, bakeStopC: null, answers: [], sources: [],
        );
    }

    /** A word in a stored row that this release does not know: shown by name, and held by a rule until it is mended. */
    public static function unknown(string $key): self
    {
        return new self(
            $key, "unknown metal “{$key}”", MetalFamily::Unknown, HeatCapacity::polynomial([500.0]), null, null,
            bareEmissivity: 0.5, softness: 1.0, alwaysCast: false, holdsZinc: false,
            bakeWarnC: null, bakeStopC: null, answers: [], sources: [],
        );
    }

    /** Its name as it stands in a sentence. */
    public function word(): string
    {
        return mb_strtolower(mb_substr($this->name, 0, 1)).mb_substr($this->name, 1);
    }

    /** Heat takes its strength: over-ages heat-treated alloys. */
    public function ageHardens(): bool
    {
        return $this->family === MetalFamily::LightAlloy;
    }

    /** Whether its heat capacity and the rest are known. */
    public function isKnown(): bool
    {
        return $this->family !== MetalFamily::Unknown;
    }

    /** Whole area of a part of this metal with a mean wall, both faces counted: A = 2m/(ρ·t), m². */
    public function areaFromWall(float $massKg, float $wallMm): ?float
    {
        return $this->densityKgPerM3 === null ? null : 2 * $massKg / ($this->densityKgPerM3 * $wallMm / 1000);
    }

    /** Mean wall of a part of this metal, mm: 2m/(ρ·A). Null where the density is not known. */
    public function wallFromArea(float $massKg, float $areaM2): ?float
    {
        return $this->densityKgPerM3 === null ? null : 2000 * $massKg / ($this->densityKgPerM3 * $areaM2);
    }
}
