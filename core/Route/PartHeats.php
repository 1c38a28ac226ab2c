<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Heat\Cooling;
use Aenum\Core\Heat\HeatUp;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Unit\InvalidQuantity;
use Aenum\Core\Word\BakeOutWay;
use Aenum\Core\Word\Mark;

/** How long a part takes to get hot and cold, and whether its gas is driven out before the blast, after it or both. */
final readonly class PartHeats
{
    public function __construct(private JobFacts $facts)
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
    public function down(float $fromC): float
    {
        $item = $this->item(1);

        return $item === null
            ? RouteTimes::COOL_GUESS
            : Cooling::minutes($item, $fromC, RouteTimes::ROOM_C, RouteTimes::COOL_TO_C);
    }

    /** @return array{before: bool, after: bool} of the blast */
    public function bakeOut(): array
    {
        $part = $this->facts->part;
        if (! $part->gasses() || $this->facts->coats === []) {
            return ['before' => false, 'after' => false];
        }
        $oily = $part->is(Mark::Oily);

        return match ($this->facts->house->bakeOut) {
            BakeOutWay::BeforeBlast => ['before' => true, 'after' => false],
            BakeOutWay::AfterBlast => ['before' => false, 'after' => true],
            BakeOutWay::Both => ['before' => true, 'after' => true],
            BakeOutWay::ByPart => ['before' => $oily, 'after' => ! $oily || $part->isCasting()],
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
        } catch (InvalidQuantity) {
            return null;
        }
    }
}
