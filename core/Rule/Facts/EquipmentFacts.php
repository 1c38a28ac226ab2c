<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** What the shop has, as far as it is known; null where it is not. */
final readonly class EquipmentFacts
{
    /** Room kept around a part in the oven, mm. */
    public const OVEN_CLEARANCE_MM = 50.0;

    /**
     * @param  array{float, float, float}|null  $boothMm
     * @param  array{float, float, float}|null  $ovenMm
     * @param  array{float, float}|null  $doorMm
     */
    public function __construct(
        public ?array $boothMm,
        public ?array $ovenMm,
        public ?array $doorMm,
        public ?float $railKg,
        public ?float $hookKg,
        public ?float $ovenMaxC,
        public bool $ovenVentOn,
        public bool $ovenUsedForFood,
        public ?float $compressorM3Min,
        public ?float $nozzleMm,
        public ?float $groundMohm,
        public bool $groundMeasuredToday,
        public ?float $sprayGMin,
        public ?float $boothAirM3Min,
        public ?float $lelGM3,
    ) {
    }

    /**
     * Whether a box goes into a room some way round, with room to spare on every side.
     *
     * @param  array{float, float, float}  $box
     * @param  list<float>  $room  two or three measures
     */
    public static function fits(array $box, array $room, float $clearance = 0.0): bool
    {
        sort($box);
        sort($room);
        foreach ($room as $n => $measure) {
            if ($measure < $box[$n] + 2 * $clearance) {
                return false;
            }
        }

        return true;
    }
}
