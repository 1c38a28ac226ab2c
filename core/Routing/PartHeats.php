<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\BakeOut;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\HeatUp;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BakeOutPolicy;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Units\InvalidInput;

/** How long a part takes to get hot and cold, and whether its gas is driven out before the blast, after it or both. */
final class PartHeats
{
    /** @var array<string, ?float> minutes of bake-outs worked out in this process, by what they rest on */
    private static array $bakeOuts = [];

    /** How long the door stands open on a load, s. House figure. */
    private const DOOR_S = 60.0;

    private const MOST_KEPT = 200;

    public function __construct(private readonly JobFacts $facts)
    {
    }

    /** Minutes until the part is hot, by the oven the shop has; a house figure where oven or part are not known. */
    public function up(float $celsius): float
    {
        $oven = $this->facts->equipment->oven;
        $item = $this->item($this->facts->part->count);

        return $oven === null || $item === null
            ? RouteTimes::HEAT_UP
            : HeatUp::minutes($oven, $item, $celsius, RouteTimes::ROOM_C) ?? RouteTimes::HEAT_UP;
    }

    /**
     * Minutes from door closed to pull of a bake-out, at the setpoint the bake-out station starts with; the heat-up
     * guess and the hold where oven or part are not known.
     *
     * @param  float  $celsius  part metal
     */
    public function bakeOutMinutes(float $celsius, float $holdMinutes): float
    {
        $oven = $this->facts->equipment->oven;
        $item = $this->item($this->facts->part->count);
        if ($oven === null || $item === null) {
            return RouteTimes::HEAT_UP + $holdMinutes;
        }
        $metal = $item->metal;
        $pieces = min($item->count, HeatUp::piecesInALoad($item));
        $view = $this->facts->part->viewFactor;
        $item = LoadItem::of('part', $pieces, $metal, $item->massKg, $item->areaM2, $metal->bareEmissivity, $view);
        // A pure function of these figures, asked several times a request.
        $key = hash('xxh128', serialize([$oven, $item, $celsius, $holdMinutes]));
        if (! array_key_exists($key, self::$bakeOuts)) {
            $schedule = OvenSchedule::of(RouteTimes::ROOM_C, $oven->maxC ?? $celsius + HeatUp::OVER_K, null, null, [
                Door::opened(0, self::DOOR_S),
            ]);
            $setpoint = BakeOut::setpointFor($oven, [$item], $schedule, $celsius, $holdMinutes);
            $pull = BakeOut::plan($oven, [$item], $schedule->at($setpoint), $celsius, $holdMinutes)->pullMinutes;
            self::$bakeOuts = array_slice(self::$bakeOuts, -self::MOST_KEPT, null, true);
            self::$bakeOuts[$key] = $pull === null ? null : $pull - self::DOOR_S / 60;
        }

        return self::$bakeOuts[$key] ?? $this->up($celsius) + $holdMinutes;
    }

    /** What the shop's oven takes in for a bake of all of them, kWh; null where oven or part are not known. */
    public function energyKwh(float $celsius, float $holdMinutes, float $ambientC): ?float
    {
        $oven = $this->facts->equipment->oven;
        $item = $this->item($this->facts->part->count);

        return $oven === null || $item === null
            ? null
            : HeatUp::energyKwh($oven, $item, $celsius, $holdMinutes, $ambientC);
    }

    /** Minutes until it can be handled and coated; a house figure where the part is not known. */
    public function down(float $fromC, float $toC = RouteTimes::COOL_TO_C): float
    {
        $item = $this->item(1);

        try {
            return $item === null
                ? RouteTimes::COOL_GUESS
                : Cooling::toldMinutes($item, $fromC, RouteTimes::ROOM_C, $toC);
        } catch (InvalidInput) {
            // Longer than a week: its mass or area cannot be right, which another page says.
            return RouteTimes::COOL_GUESS;
        }
    }

    /** @return array{before: bool, after: bool} of the blast */
    public function bakeOut(): array
    {
        $part = $this->facts->part;
        if (! $part->gasses() || $this->facts->coats === []) {
            return ['before' => false, 'after' => false];
        }
        $oily = $part->is(PartFlag::Oily);
        if ($part->carries(ArrivalCondition::PlasticCoating)) {
            // It sees no oven before the blast has taken the plastic off.
            return ['before' => false, 'after' => true];
        }

        return match ($this->facts->house->bakeOut) {
            BakeOutPolicy::BeforeBlast => ['before' => true, 'after' => false],
            BakeOutPolicy::AfterBlast => ['before' => false, 'after' => true],
            BakeOutPolicy::Both => ['before' => true, 'after' => true],
            BakeOutPolicy::ByPart => ['before' => $oily, 'after' => ! $oily || $part->isCasting()],
        };
    }

    private function item(int $count): ?LoadItem
    {
        $part = $this->facts->part;
        if ($part->massKg === null || $part->areaM2 === null || ! $part->metal->isKnown()) {
            return null;
        }
        try {
            return LoadItem::of('part', $count, $part->metal, $part->massKg, $part->areaM2);
        } catch (InvalidInput) {
            return null;
        }
    }
}
