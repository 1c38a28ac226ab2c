<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\BakeOut;
use Aenum\Core\Curing\BakeOutChoice;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class BakeOutTest extends TestCase
{
    /** @return list<LoadItem> */
    private static function load(): array
    {
        return [
            LoadItem::of('bollard', 2, MetalCatalog::get('cast_iron'), 40, 1.2, 0.7),
            LoadItem::of('arm', 6, MetalCatalog::get('carbon_steel'), 3, 0.4, 0.7),
        ];
    }

    public function test_the_heaviest_decides_and_the_hold_is_counted_from_its_metal(): void
    {
        $schedule = OvenSchedule::of(20, 225)->withDoor(Door::opened(0, 60));
        $plan = BakeOut::plan(Loads::oven(), self::load(), $schedule, 210, 45);
        self::assertSame(0, $plan->decides);
        self::assertTrue($plan->good());
        self::assertEqualsWithDelta((float) $plan->items[0]['reaches'] + 45, (float) $plan->pullMinutes, 0.2);
        self::assertLessThan($plan->items[0]['reaches'], $plan->items[1]['reaches']);
        self::assertEqualsWithDelta(210, $plan->run->coreC(0, 60 * (float) $plan->items[0]['reaches']), 0.05);
        self::assertGreaterThan(210, $plan->items[1]['peakC']);
        self::assertLessThanOrEqual(225.5, $plan->items[1]['peakC']);
        self::assertGreaterThan(
            45,
            $plan->items[1]['metalMinutes'],
            'at 210 °C and up a minute counts for more than one at 200',
        );
        self::assertFalse(
            BakeOut::plan(Loads::oven(), self::load(), $schedule, 210, 45, (float) $plan->pullMinutes - 2)->good(),
        );
        $hotter = BakeOut::plan(
            Loads::oven(),
            self::load(),
            OvenSchedule::of(20, 230)->withDoor(Door::opened(0, 60)),
            210,
            45,
        );
        self::assertLessThan($plan->pullMinutes, $hotter->pullMinutes);
    }

    public function test_a_setpoint_under_the_target_never_gets_there(): void
    {
        $plan = BakeOut::plan(Loads::oven(), self::load(), OvenSchedule::of(20, 180), 210, 30);
        self::assertNull($plan->pullMinutes);
        self::assertNull($plan->items[0]['reaches']);
        self::assertFalse($plan->good());
        $this->expectException(InvalidInput::class);
        BakeOut::plan(Loads::oven(), self::load(), OvenSchedule::of(20, 180), 30, 30);
    }

    public function test_the_setpoint_is_as_cool_as_costs_little_time(): void
    {
        $setpoint = BakeOut::setpointFor(Loads::oven(), self::load(), OvenSchedule::of(20, 100), 200, 45);
        $reaches = fn (float $c): float => (float) BakeOut::plan(
            Loads::oven(),
            self::load(),
            OvenSchedule::of(20, $c),
            200,
            1,
        )->items[0]['reaches'];
        self::assertGreaterThanOrEqual(210.0, $setpoint);
        self::assertLessThanOrEqual(1.25 * $reaches((float) Loads::oven()->maxC), $reaches($setpoint));
        self::assertTrue(
            $setpoint === 210.0 || $reaches($setpoint - 5) > 1.25 * $reaches((float) Loads::oven()->maxC),
        );
        // Where even the hottest never gets there, the hottest it is.
        self::assertSame(
            floor((float) Loads::oven()->maxC),
            BakeOut::setpointFor(Loads::oven(), self::load(), OvenSchedule::of(20, 100), 300, 45),
        );
    }

    public function test_a_door_opened_in_the_hold_takes_its_minutes_back(): void
    {
        $schedule = OvenSchedule::of(20, 215);
        $plan = BakeOut::plan(Loads::oven(), self::load(), $schedule, 200, 30);
        $opened = BakeOut::plan(
            Loads::oven(),
            self::load(),
            $schedule->withDoor(Door::opened((float) $plan->items[1]['reaches'] + 5, 240)),
            200,
            30,
        );
        self::assertGreaterThan($plan->pullMinutes, $opened->pullMinutes);
    }

    public function test_what_is_held_is_every_second_above_and_no_other(): void
    {
        $schedule = OvenSchedule::of(20, 215);
        $first = BakeOut::plan(Loads::oven(), self::load(), $schedule, 200, 30);
        $opened = $schedule->withDoor(Door::opened((float) $first->items[1]['reaches'] + 5, 240));
        $plan = BakeOut::plan(Loads::oven(), self::load(), $opened, 200, 30);
        foreach ($plan->items as $i => $item) {
            $above = 0.0;
            for ($second = 0.0; $second < 60 * (float) $item['done']; $second++) {
                $above += $plan->run->coreC($i, $second) >= 200 ? 1 : 0;
            }
            self::assertEqualsWithDelta(30, $above / 60, 0.1, "item {$i}");
        }
        $done = array_map(fn (array $item): float => (float) $item['done'], $plan->items);
        self::assertSame(max($done), $plan->pullMinutes);
        self::assertSame(array_search(max($done), $done, true), $plan->decides);
        self::assertEqualsWithDelta($plan->run->energyKwh(60 * max($done)), $plan->energyKwh, 1e-9);
    }

    public function test_what_may_be_asked_of_it(): void
    {
        $ask = fn (float $targetC, float $hold): BakeOut => BakeOut::plan(
            Loads::oven(),
            self::load(),
            OvenSchedule::of(20, 100),
            $targetC,
            $hold,
        );
        foreach ([[60, 1], [400, 1], [60, 1440]] as [$targetC, $hold]) {
            self::assertCount(2, $ask($targetC, $hold)->items);
        }
        foreach ([[59.9, 1], [400.1, 1], [60, 0.9], [60, 1440.1]] as [$targetC, $hold]) {
            try {
                $ask($targetC, $hold);
                self::fail("{$targetC} °C for {$hold} min was taken");
            } catch (InvalidInput $refused) {
                self::assertMatchesRegularExpression('/^(target_c|hold_min)/', $refused->getMessage());
            }
        }
    }

    public function test_light_metal_is_baked_out_where_it_ages_least_in_little_more_than_twice_the_time(): void
    {
        $load = [LoadItem::of('hinge', 12, MetalCatalog::get('cast_aluminium'), 1.9, 0.09, 0.25)];
        $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 60)]);
        $at = fn (float $c): BakeOut => BakeOut::plan(Loads::oven(), $load, $schedule->at($c), 200, 45);
        $setpoint = BakeOut::setpointFor(Loads::oven(), $load, $schedule, 200, 45);
        self::assertLessThan($at(230)->items[0]['metalMinutes'], $at($setpoint)->items[0]['metalMinutes']);
        self::assertLessThanOrEqual(2.2 * $at(230)->pullMinutes, $at($setpoint)->pullMinutes);
        foreach (range(205, 230, 5) as $other) {
            if ($at($other)->pullMinutes <= 2.2 * $at(230)->pullMinutes) {
                self::assertGreaterThanOrEqual(
                    $at($setpoint)->items[0]['metalMinutes'],
                    $at($other)->items[0]['metalMinutes'],
                );
            }
        }
        $choices = BakeOutChoice::all(Loads::oven(), $load, $schedule, 200, 45, 180);
        self::assertSame([[200.0, 45.0], [190.0, 60.0], [180.0, 80.0]], array_map(
            fn (BakeOutChoice $one): array => [$one->targetC, $one->holdMinutes],
            $choices,
        ));
        self::assertGreaterThan($choices[1]->metalMinutes[0], $choices[0]->metalMinutes[0]);
        self::assertGreaterThan($choices[2]->metalMinutes[0], $choices[1]->metalMinutes[0]);
        self::assertGreaterThan($choices[0]->minutes, $choices[2]->minutes);
        // No cooler than a cure of theirs can be, and not at all where nothing is known of one.
        self::assertCount(2, BakeOutChoice::all(Loads::oven(), $load, $schedule, 200, 45, 181));
        self::assertCount(1, BakeOutChoice::all(Loads::oven(), $load, $schedule, 200, 45, null));
    }

    public function test_what_hangs_beside_takes_its_heat_and_is_not_judged(): void
    {
        $schedule = OvenSchedule::of(20, 225)->withDoor(Door::opened(0, 60));
        $alone = BakeOut::plan(Loads::oven(), self::load(), $schedule, 210, 45);
        $heavy = [LoadItem::of('column', 8, MetalCatalog::get('cast_iron'), 60, 1.5)];
        $beside = BakeOut::plan(Loads::oven(), self::load(), $schedule, 210, 45, null, 1.0, $heavy);
        self::assertCount(2, $beside->items);
        self::assertGreaterThan($alone->pullMinutes + 1, $beside->pullMinutes);
        $weak = BakeOut::plan(Loads::oven(), self::load(), $schedule, 210, 45, null, 0.8);
        self::assertGreaterThan($alone->pullMinutes + 1, $weak->pullMinutes);
    }
}
