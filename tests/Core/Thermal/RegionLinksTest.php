<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\LoadSplit;
use Aenum\Core\Files\LoadFile;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RegionLinks;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** Regions of one piece are joined by metal. */
final class RegionLinksTest extends TestCase
{
    private static function schedule(): OvenSchedule
    {
        return OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
    }

    /**
     * @param  list<LoadItem>  $load
     * @return list<list<float>> of each item at 10, 20 and 40 min
     */
    private static function cores(array $load): array
    {
        $run = (new Simulation(Loads::oven(), $load, self::schedule()))->run(2400);

        return array_map(
            fn (int $i): array => [$run->coreC($i, 600), $run->coreC($i, 1200), $run->coreC($i, 2400)],
            array_keys($load),
        );
    }

    /** @return list<LoadItem> a heavy foot, a thin arm and a lantern beside them */
    private static function load(): array
    {
        return [
            Loads::item('foot', 20, 0.4, 2),
            Loads::item('arm', 2, 0.5, 2),
            Loads::item('lantern', 5, 0.7, 3, 'aluminium'),
        ];
    }

    public function test_a_wide_neck_makes_them_one_and_a_hair_leaves_them_two(): void
    {
        $apart = self::cores(self::load());
        $hair = self::cores(RegionLinks::join(self::load(), 0, 1, 1e-6));
        foreach ($apart as $i => $curve) {
            foreach ($curve as $n => $celsius) {
                self::assertEqualsWithDelta($celsius, $hair[$i][$n], 0.03);
            }
        }
        $one = self::cores([Loads::item('whole', 22, 0.9, 2), self::load()[2]]);
        $wide = self::cores(RegionLinks::join(self::load(), 0, 1, 50000));
        foreach ([0, 1] as $region) {
            foreach ($one[0] as $n => $celsius) {
                self::assertEqualsWithDelta($celsius, $wide[$region][$n], 0.1);
            }
        }
        self::assertGreaterThan(40, $apart[1][0] - $apart[0][0]);
        $neck = self::cores(RegionLinks::join(self::load(), 0, 1, 8));
        self::assertGreaterThan($apart[0][0], $neck[0][0], 'the arm feeds the foot');
        self::assertLessThan($apart[1][0], $neck[1][0]);
    }

    public function test_three_in_a_row_agree_with_small_steps(): void
    {
        $load = RegionLinks::join(RegionLinks::join(self::load(), 0, 1, 6), 1, 2, 3);
        $load = [$load[0], $load[1], LoadItem::of('lantern', 2, $load[2]->metal, 5, 0.7)->linkedTo('arm', 3)];
        $oven = Loads::oven();
        $balance = (new Simulation($oven, $load, self::schedule()))->balance();
        $y = $balance->start(200, $oven->settledShellC(200, 20));
        for ($t = 0.0; $t < 600; $t += 0.05) {
            $balance->switch(200, $t < 75, true, $t);
            foreach ($balance->slopes($y) as $n => $slope) {
                $y[$n] += 0.05 * $slope;
            }
        }
        $run = (new Simulation($oven, $load, self::schedule()))->run(600);
        foreach ([0, 1, 2] as $i) {
            self::assertEqualsWithDelta($y[3 + $i], $run->coreC($i, 600), 0.1);
        }
    }

    public function test_a_load_is_never_parted_through_a_piece(): void
    {
        $sheet = Loads::sheet([[180, 18, 36], [200, 8, 16]]);
        $load = [
            Loads::item('foot', 40, 1.2, 2), Loads::item('arm', 1, 0.5, 2),
            Loads::item('thin skirt', 1.2, 0.8, 4, 'carbon_steel'),
        ];
        $load = RegionLinks::join($load, 0, 1, 4);
        $aims = array_fill(0, 3, CureTarget::fullCure($sheet));
        foreach ((new LoadSplit(Loads::oven(), $load, $aims, self::schedule(), BakeRules::of()))->bakes() as $bake) {
            self::assertSame(in_array(0, $bake->items, true), in_array(1, $bake->items, true));
        }
    }

    public function test_a_rim_that_feeds_its_hub_is_baked_sooner(): void
    {
        $load = [
            Loads::item('lantern hub', 4, 0.1, 3, 'aluminium'), Loads::item('lantern rim', 5.5, 0.45, 3, 'aluminium'),
        ];
        $minutes = fn (array $load): float => (float) (new BakePlanner(
            Loads::oven(),
            $load,
            array_fill(0, 2, CureTarget::fullCure(Loads::sheet([[180, 18, null], [200, 8, null]]))),
            self::schedule(),
            BakeRules::of(),
        ))->plan()->minutes;
        self::assertLessThan(0.75 * $minutes($load), $minutes(RegionLinks::join($load, 0, 1, 8.8)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $link = fn (array $with): array => ['links' => [$with + ['between' => ['a', 'b'], 'w_per_k' => 2]]];
        yield 'an unknown name' => [$link(['between' => ['a', 'x']]), 'links[0].between[1]'];
        yield 'itself' => [$link(['between' => ['a', 'a']]), 'two different items'];
        yield 'one name' => [$link(['between' => ['a']]), 'links[0].between'];
        yield 'no heat' => [$link(['w_per_k' => 0]), 'links[0].w_per_k'];
        yield 'too much' => [$link(['w_per_k' => 100001]), 'links[0].w_per_k'];
        yield 'another count' => [$link(['between' => ['a', 'c']]), 'equal count'];
        yield 'a slab' => [$link(['between' => ['a', 'd']]), 'without a slab'];
        yield 'another key' => [$link(['width' => 2]), 'width'];
        $twice = ['between' => ['b', 'a'], 'w_per_k' => 1];
        yield 'twice' => [['links' => [['between' => ['a', 'b'], 'w_per_k' => 1], $twice]], 'not linked before'];
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_links_that_cannot_be_are_refused_by_name(array $with, string $says): void
    {
        $item = ['material' => 'cast_iron', 'mass_kg' => 4, 'area_m2' => 0.2, 'count' => 2];
        $oven = [
            'setpoint_c' => 200, 'heater_kw' => 36, 'band_k' => 5, 'air_kj_per_k' => 45, 'shell_kj_per_k' => 260,
            'air_to_shell_w_per_k' => 520, 'shell_loss_w_per_k' => 45, 'vent_w_per_k' => 60, 'door_w_per_k' => 2200,
            'convection_w_per_m2k' => 16,
        ];
        $file = ['format' => 'aenum-load/1', 'ambient_c' => 20, 'oven' => $oven, 'items' => [
            ['name' => 'a'] + $item, ['name' => 'b'] + $item, ['name' => 'c', 'count' => 3] + $item,
            ['name' => 'd', 'slab' => ['half_mm' => 20]] + $item,
        ]];
        try {
            LoadFile::parse((string) json_encode($with + $file));
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertStringContainsString($says, $e->getMessage());
        }
    }
}
