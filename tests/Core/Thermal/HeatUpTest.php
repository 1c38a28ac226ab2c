<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Files\LoadFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\HeatUp;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** A tube is hot long before a plate is: the route says so. */
final class HeatUpTest extends TestCase
{
    private static function item(float $kg, float $m2, int $count = 1): LoadItem
    {
        return LoadItem::of('part', $count, MetalCatalog::get('carbon_steel'), $kg, $m2);
    }

    public function test_the_heavy_part_takes_its_time_and_the_model_says_when(): void
    {
        $oven = Loads::oven();
        $tube = HeatUp::minutes($oven, self::item(2.4, 0.5), 200, 20);
        $plate = HeatUp::minutes($oven, self::item(40, 0.6), 200, 20);
        self::assertNotNull($tube);
        self::assertGreaterThan(2 * $tube, $plate);
        $run = (new Simulation($oven, [self::item(2.4, 0.5)], OvenSchedule::of(20, 215)))->run(7200);
        self::assertEqualsWithDelta(199, $run->coreC(0, 60 * $tube), 0.1);
        // More of them take longer, up to what one load holds: 62 pieces of 2.4 kg.
        self::assertGreaterThan($tube, HeatUp::minutes($oven, self::item(2.4, 0.5, 40), 200, 20));
        $load = HeatUp::minutes($oven, self::item(2.4, 0.5, 62), 200, 20);
        self::assertSame($load, HeatUp::minutes($oven, self::item(2.4, 0.5, 500), 200, 20));
        self::assertNotSame($load, HeatUp::minutes($oven, self::item(2.4, 0.5, 61), 200, 20));
    }

    public function test_an_oven_that_cannot_does_not(): void
    {
        self::assertNull(HeatUp::minutes(Loads::oven(), self::item(2.4, 0.5), 600, 20));
    }

    public function test_what_leaves_early_cools_as_in_still_air_and_the_rest_does_not_feel_it(): void
    {
        $oven = Loads::oven();
        $schedule = OvenSchedule::of(20, 200);
        $rest = self::item(24, 1.1, 2);
        $out = self::item(3, 0.5)->outAt(20);
        $run = (new Simulation($oven, [$rest, $out], $schedule))->run(3600);
        $stays = (new Simulation($oven, [$rest, self::item(3, 0.5)], $schedule))->run(3600);
        self::assertEqualsWithDelta($stays->coreC(1, 1200), $run->coreC(1, 1200), 0.02);
        $cooled = \Aenum\Core\Thermal\Cooling::curve(self::item(3, 0.5), $run->coreC(1, 1200), 20, 1200);
        self::assertEqualsWithDelta($cooled->coreC(0, 1200), $run->coreC(1, 2400), 0.1);
        // The rest hardly feels it: what has left neither takes heat from the oven nor gives any.
        self::assertEqualsWithDelta($stays->coreC(0, 2400), $run->coreC(0, 2400), 0.2);
        self::assertSame(1200.0, $out->withCount(5)->outS);
        $this->expectExceptionMessageMatches('/out_min/');
        self::item(3, 0.5)->outAt(10081);
    }

    public function test_the_reference_case_of_panels_that_leave_at_minute_thirty(): void
    {
        $case = __DIR__.'/../../cases/06-out-early';
        $load = LoadFile::parse((string) file_get_contents("{$case}.load.json"));
        $wants = json_decode((string) file_get_contents("{$case}.expected.json"), true)['expected'];
        $run = (new Simulation($load->oven, $load->items, $load->schedule))->run(60 * (float) $load->runMinutes);
        foreach ($wants['items'] as $i => $item) {
            foreach ($wants['at_min'] as $n => $minute) {
                self::assertEqualsWithDelta($item['core_c'][$n], $run->coreC($i, 60 * $minute), 0.3, $item['name']);
            }
        }
        self::assertEqualsWithDelta($wants['energy_kwh'], $run->energyKwh(3600), 0.005 * $wants['energy_kwh']);
    }

    public function test_energy_is_that_of_every_load_as_the_model_has_it(): void
    {
        $oven = Loads::oven();
        $one = Loads::item('bench end', 24, 1.15, 6);
        $kwh = HeatUp::energyKwh($oven, $one, 200, 10, 20);
        $minutes = HeatUp::minutes($oven, $one, 200, 20);
        $schedule = OvenSchedule::of(20, 215, null, null, [Door::opened(0, 60)]);
        $end = 60 * ($minutes + 10) + 60;
        self::assertEqualsWithDelta(
            (new Simulation($oven, [$one], $schedule))->run($end)->energyKwh($end),
            $kwh,
            1e-9,
        );
        // Six to a load: thirteen are two full loads and one piece, and an empty oven costs too.
        $single = HeatUp::energyKwh($oven, $one->withCount(1), 200, 10, 20);
        $thirteen = HeatUp::energyKwh($oven, $one->withCount(13), 200, 10, 20);
        self::assertEqualsWithDelta(2 * $kwh + $single, $thirteen, 1e-9);
        self::assertGreaterThan($kwh / 6, $single);
        self::assertNull(HeatUp::energyKwh($oven, $one, 260, 10, 20));
    }
}
