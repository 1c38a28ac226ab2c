<?php

declare(strict_types=1);

namespace Aenum\Core\Job;

use Aenum\Core\Cure\PeakLimit;

/**
 * What is so on the floor at the moment a rule is asked: what was measured, what stands on the part, what it will
 * reach.
 */
final readonly class Floor
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
    ) {
    }
}
