<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Application\Feed;
use Aenum\Core\Thermal\Oven;

/** What the shop has, as far as it is known; null where it is not. */
final readonly class EquipmentFacts
{
    /** Room kept around a part in the oven, mm. House figure. */
    public const OVEN_CLEARANCE_MM = 50.0;

    /**
     * @param  array{float, float, float}|null  $boothMm
     * @param  array{float, float, float}|null  $ovenMm
     * @param  array{float, float}|null  $doorMm
     * @param  float|null  $railKg  what the rail carries
     * @param  float|null  $hookKg  what a hook carries
     * @param  float|null  $compressorM3Min  free air
     * @param  float|null  $nozzleMm  bore as it is now
     * @param  float|null  $groundOhm  part to earth, as measured today
     * @param  float|null  $lelGM3  lower explosive limit of the powder
     * @param  Oven|null  $oven  the oven that speaks for the ovens, where its figures are known
     * @param  bool|null  $lightMetalCabinet  a cabinet, media and collector kept for light metal alone
     * @param  bool|null  $gunInterlocked  the gun cannot spray unless the booth's fan runs
     * @param  float|null  $boothFaceMPerS  air into the booth's opening, m/s
     * @param  float|null  $breathingAirDays  since the air of the blast hood was last tested
     * @param  bool|null  $coAlarm  the breathing air has a carbon monoxide alarm
     * @param  float|null  $groundVolts  the ground was measured with, V
     * @param  Feed|null  $feed  of the gun the shop sprays with
     * @param  bool  $saltAir  the shop stands by the sea: its air bites bare steel
     */
    public function __construct(
        public ?array $boothMm = null,
        public ?array $ovenMm = null,
        public ?array $doorMm = null,
        public ?float $railKg = null,
        public ?float $hookKg = null,
        public ?float $ovenMaxC = null,
        public bool $ovenVentOn = true,
        public bool $ovenUsedForFood = false,
        public ?float $compressorM3Min = null,
        public ?float $nozzleMm = null,
        public ?float $groundOhm = null,
        public bool $groundMeasuredToday = false,
        public ?float $sprayGMin = null,
        public ?float $boothAirM3Min = null,
        public ?float $lelGM3 = null,
        public ?Oven $oven = null,
        public bool $saltAir = false,
        public ?bool $lightMetalCabinet = null,
        public ?bool $gunInterlocked = null,
        public ?float $boothFaceMPerS = null,
        public ?float $breathingAirDays = null,
        public ?bool $coAlarm = null,
        public ?float $groundVolts = null,
        public ?Feed $feed = null,
    ) {
    }

    /**
     * Whether a box goes into a room some way round, with room to spare on every side.
     *
     * @param  array{float, float, float}  $box  mm
     * @param  list<float>  $room  two or three measures, mm
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
