<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** What the part is, as found at the counter. */
final readonly class PartFacts
{
    public const METALS = ['carbon_steel', 'galvanised_steel', 'stainless_steel', 'cast_iron', 'aluminium', 'cast_aluminium', 'zinc_die_cast', 'brass', 'bronze', 'copper', 'magnesium', 'lead_or_tin'];

    public const MADE = ['sheet', 'machined', 'welded', 'cast', 'forged'];

    public const ON_IT = ['bare', 'mill_scale', 'rust', 'paint', 'two_part_paint', 'old_powder', 'plating', 'grease'];

    public const DUTIES = ['none', 'pressure_vessel', 'lifting', 'brake', 'steering', 'suspension', 'wheel', 'fall_arrest'];

    public const FEATURES = ['threads', 'bores', 'seats', 'faces', 'seams', 'recesses', 'sharp_edges', 'stamped_plate', 'sealed_hollow', 'solder_or_white_metal', 'rubber_or_plastic', 'sealed_bearings', 'packed_grease', 'oil_passages'];

    /**
     * @param  list<string>  $onIt  of ON_IT
     * @param  list<string>  $features  of FEATURES
     * @param  array{float, float, float}|null  $boxMm
     */
    public function __construct(
        public string $name,
        public string $metal,
        public int $count,
        public ?float $massKg,
        public ?float $areaM2,
        public ?array $boxMm,
        public string $made,
        public array $onIt,
        public array $features,
        public string $duty,
        public bool $hardened,
        public ?float $temperC,
        public bool $heatTreated,
        public float $metalMinutesSoFar,
        public bool $vented,
        public bool $platingNew,
        public bool $paintTested,
        public bool $oily,
    ) {
    }

    public function metalName(): string
    {
        return str_replace('_', ' ', $this->metal);
    }

    public function isLightAlloy(): bool
    {
        return in_array($this->metal, ['aluminium', 'cast_aluminium'], true);
    }

    public function isCopperAlloy(): bool
    {
        return in_array($this->metal, ['brass', 'bronze', 'copper'], true);
    }

    public function isSteel(): bool
    {
        return in_array($this->metal, ['carbon_steel', 'galvanised_steel', 'cast_iron'], true);
    }

    public function isCasting(): bool
    {
        return $this->made === 'cast' || in_array($this->metal, ['cast_iron', 'cast_aluminium', 'zinc_die_cast'], true);
    }

    /** Rusts by itself once blasted. */
    public function rusts(): bool
    {
        return in_array($this->metal, ['carbon_steel', 'cast_iron'], true);
    }

    /** Gas or oil in it comes out in the oven. */
    public function gasses(): bool
    {
        return $this->isCasting() || $this->metal === 'galvanised_steel' || $this->oily;
    }

    public function has(string $onItOrFeature): bool
    {
        return in_array($onItOrFeature, $this->onIt, true) || in_array($onItOrFeature, $this->features, true);
    }
}
