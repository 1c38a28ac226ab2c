<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Thermal\Oven;

/**
 * What is so on the floor at the moment a rule is asked: what was measured, what stands on the part, what it will
 * reach.
 */
final readonly class FloorConditions
{
    /**
     * @param  float|null  $airC  as last written down
     * @param  float|null  $airHumidityPct  as last written down
     * @param  float|null  $bareUsed  share of its time bare steel has used up, on the clock; null where none runs
     * @param  float|null  $peakC  part metal the bake at hand reaches, as computed for this load, °C
     * @param  float|null  $metalMinutes  equivalent minutes at 200 °C the bake at hand gives the metal
     * @param  list<MaskOn>  $masks  what is on the part
     * @param  MediumLot|null  $lot  the medium at hand, and what got into it
     * @param  float|null  $sinceAcidMin  minutes since acid ended on it; null where none was logged, or a relief
     *                                   bake that serves has followed it
     * @param  float|null  $bakedOutC  the coolest it was baked out at; null where no bake-out is on record
     * @param  bool  $besidePowder  whether it shares the oven with powder that is not baked yet
     * @param  CoatFloor|null  $coat  what is so at the gun
     * @param  Surface|null  $surface  what is on the metal by the steps that were done
     * @param  float|null  $metalC  part metal as measured before blasting or spraying, °C
     * @param  float|null  $powderKg  uncured powder in the load at hand
     * @param  float|null  $solventKg  solvent that goes into the oven with the load at hand
     * @param  float  $metalMinutesLater  equivalent minutes at 200 °C of the bakes still to come after this one
     * @param  Oven|null  $oven  the load at hand goes into
     * @param  PeakLimit|null  $sheets  how hot the powders on the part may get at all, by their sheets
     */
    public function __construct(
        public ?float $airC = null,
        public ?float $airHumidityPct = null,
        public ?float $bareUsed = null,
        public ?float $peakC = null,
        public ?float $metalMinutes = null,
        public array $masks = [],
        public ?MediumLot $lot = null,
        public ?float $sinceAcidMin = null,
        public ?PeakLimit $sheets = null,
        public ?float $bakedOutC = null,
        public bool $besidePowder = false,
        public ?CoatFloor $coat = null,
        public ?Surface $surface = null,
        public ?float $metalC = null,
        public ?float $powderKg = null,
        public ?float $solventKg = null,
        public float $metalMinutesLater = 0.0,
        public ?Oven $oven = null,
    ) {
    }

    /** The same with what is on the metal by what was done, and its own temperature where that was measured. */
    public function withMetal(?Surface $surface, ?float $metalC = null): self
    {
        return new self(
            $this->airC, $this->airHumidityPct, $this->bareUsed, $this->peakC, $this->metalMinutes, $this->masks,
            $this->lot, $this->sinceAcidMin, $this->sheets, $this->bakedOutC, $this->besidePowder, $this->coat,
            $surface, $metalC, $this->powderKg, $this->solventKg, $this->metalMinutesLater, $this->oven,
        );
    }
}
