<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Racking;

use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Units\InvalidInput;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class RackTest extends TestCase
{
    use TestTrait;

    public function test_the_view_factor_of_opposed_rectangles_is_the_textbook_s(): void
    {
        // Two unit squares a unit apart: 0.1998. Very near: one. Very far: area over π·c².
        self::assertEqualsWithDelta(0.19982, Rack::opposed(1, 1, 1), 1e-5);
        self::assertEqualsWithDelta(1.0, Rack::opposed(100, 100, 0.01), 1e-3);
        self::assertEqualsWithDelta(1 / (M_PI * 100 ** 2), Rack::opposed(1, 1, 100), 1e-8);
        self::assertEqualsWithDelta(Rack::opposed(3, 2, 1), Rack::opposed(30, 20, 10), 1e-12);
    }

    public function test_a_part_alone_sees_nearly_all_and_a_crowd_less(): void
    {
        $alone = Rack::of(RackSetting::of([300, 900, 200], 1, 1, 400, 1000, 1), 6);
        self::assertEqualsWithDelta(0.95, $alone->viewFactor, 1e-12);
        $row = fn (float $pitch, int $across = 5): float => Rack::of(
            RackSetting::of([300, 900, 200], $across, 1, $pitch, 1000, 1),
            6,
        )->viewFactor;
        self::assertGreaterThan($row(360), $row(500));
        self::assertGreaterThan(
            $row(400, 3),
            $row(400, 2),
            'between two neighbours there is more shade than beside one',
        );
        self::assertSame($row(400, 3), $row(400, 9), 'the innermost sees its own two neighbours');
        self::assertGreaterThan(
            Rack::of(RackSetting::of([300, 900, 200], 1, 3, 400, 1000, 1), 6)->viewFactor,
            $alone->viewFactor,
        );
    }

    public function test_spreading_out_never_shades_more(): void
    {
        $this->forAll(
            Generators::choose(20, 2000),
            Generators::choose(20, 2000),
            Generators::choose(5, 600),
            Generators::choose(2, 8),
            Generators::choose(10, 800),
        )->then(function (int $w, int $h, int $d, int $across, int $gap): void {
            $near = Rack::of(RackSetting::of([$w, $h, $d], $across, 2, $w + $gap, $h + $gap, 1), 5);
            $far = Rack::of(RackSetting::of([$w, $h, $d], $across, 2, $w + 2 * $gap, $h + 2 * $gap, 1), 5);
            self::assertGreaterThanOrEqual($near->viewFactor - 1e-12, $far->viewFactor);
            self::assertTrue($near->viewFactor >= 0.05 && $far->viewFactor <= 0.95);
        });
    }

    public function test_size_and_weight_of_a_rack(): void
    {
        $rack = Rack::of(RackSetting::of([300.0, 900.0, 200.0], 5, 1, 400, 1000, 2), 6);
        self::assertSame([1900.0, 900.0, 200.0], $rack->boxMm());
        self::assertSame([30.0, 3.0, 100.0], [$rack->rackKg, $rack->hookKg, $rack->gapMm]);
        self::assertSame(INF, $rack->rowGapMm);
        self::assertSame([false, true], [Rack::isHeavy(25.0), Rack::isHeavy(25.01)]);
        $this->expectException(InvalidInput::class);
        RackSetting::of([300, 0, 200], 1, 1, 400, 400, 1);
    }

    public function test_a_usual_rack_hangs_the_longest_side_down_and_fills_the_rail(): void
    {
        $set = RackSetting::usual([900, 200, 300], 30, 7850, 9);
        self::assertSame(
            [[300.0, 900.0, 200.0], 4, true],
            [array_map(floatval(...), $set->boxMm), $set->across, $set->jigged],
        );
        self::assertSame([420.0, 1020.0], [$set->pitchMm, $set->dropMm]);
        self::assertSame(2, RackSetting::usual([900, 200, 300], 3, 7850, 2)->across);
        // 2.7 kg of aluminium is a litre; eight times that is a cube of 200 mm.
        self::assertEqualsWithDelta(200.0, RackSetting::usual(null, 2.7, 2700, 1)->boxMm[1], 1e-9);
    }

    public function test_ground_stops_at_a_megohm_and_warns_of_dirty_hooks(): void
    {
        self::assertSame([Ground::Dirty, Ground::Bad], [Ground::of(999999), Ground::of(1e6)]);
        self::assertSame([Ground::Good, Ground::Dirty], [Ground::of(1e5), Ground::of(100001)]);
        self::assertStringContainsString('do not spray', Ground::Bad->says());
        self::assertSame('Good ground.', Ground::of(12)->says());
    }

    public function test_rows_below_each_other_weigh_shade_and_take_room(): void
    {
        $rack = Rack::of(RackSetting::of([300.0, 400.0, 200.0], 4, 3, 400, 500, 2), 6);
        self::assertSame([1500.0, 1400.0, 200.0], $rack->boxMm());
        self::assertSame([72.0, 100.0, 100.0], [$rack->rackKg, $rack->gapMm, $rack->rowGapMm]);
        self::assertSame([1, 1, 2, 9], array_map($rack->racksFor(...), [1, 12, 13, 108]));
        // The middle one of all: two beside it, two above and below.
        $hidden = 2 * 200 * 400 * Rack::opposed(200, 400, 100) + 2 * 300 * 200 * Rack::opposed(300, 200, 100);
        $box = 2 * (300 * 400 + 400 * 200 + 300 * 200);
        self::assertEqualsWithDelta(0.95 * (1 - $hidden / $box), $rack->viewFactor, 1e-12);
        // Two of them: one beside, one below.
        $two = Rack::of(RackSetting::of([300.0, 400.0, 200.0], 2, 2, 400, 500, 2), 6);
        self::assertEqualsWithDelta(0.95 * (1 - $hidden / 2 / $box), $two->viewFactor, 1e-12);
        // Overlapping, they shade as if a millimetre apart, and something is always seen.
        $tight = Rack::of(RackSetting::of([20.0, 900.0, 800.0], 9, 1, 10, 500, 1), 6);
        self::assertSame([-10.0, 0.05], [$tight->gapMm, round($tight->viewFactor, 2)]);
    }

    public function test_a_setting_is_taken_to_its_bounds_and_refused_past_them_by_name(): void
    {
        $usual = ['boxMm' => [300.0, 400.0, 200.0], 'across' => 1, 'rows' => 1, 'pitchMm' => 400.0, 'dropMm' => 500.0,
            'hooks' => 1];
        self::assertFalse(RackSetting::of(...$usual)->jigged);
        foreach ([
            ['across', 1, 200, [0, 201], 'across'],
            ['rows', 1, 50, [0, 51], 'rows'],
            ['hooks', 1, 20, [0, 21], 'hooks'],
            ['pitchMm', 0.5, 50000.0, [0.0, 50000.5], 'pitch'],
            ['dropMm', 0.5, 50000.0, [0.0, 50000.5], 'drop'],
            ['boxMm', [0.5, 0.5, 0.5], [50000.0, 50000.0, 50000.0], [[1.0, 0.0, 1.0], [1.0, 1.0, 50000.5]], 'box_mm'],
        ] as [$key, $least, $most, $past, $place]) {
            foreach ([$least, $most] as $fine) {
                self::assertSame($fine, RackSetting::of(...[$key => $fine] + $usual)->{$key});
            }
            foreach ($past as $wrong) {
                try {
                    RackSetting::of(...[$key => $wrong] + $usual);
                    self::fail("took {$key}");
                } catch (InvalidInput $e) {
                    self::assertSame($place, $e->place);
                }
            }
        }
    }

    public function test_a_usual_rack_takes_as_many_as_its_length_and_there_are_and_one_of_what_is_longer(): void
    {
        $across = fn (float $mm, int $count): int => RackSetting::usual([$mm, 900, $mm / 2], 3, 7850, $count)->across;
        // (1600 + 120) / (mm + 120).
        self::assertSame([4, 3, 1, 2], [$across(310, 9), $across(311, 9), $across(850, 9), $across(740, 9)]);
        self::assertSame([1, 1], [$across(310, 1), RackSetting::usual([2000, 3000, 2000], 300, null, 9)->across]);
        $tiny = RackSetting::usual([1, 1, 1], 0.1, null, 400);
        self::assertSame([1, 1], [$tiny->rows, $tiny->hooks]);
        // As heavy as steel where nobody knows: 7.85 kg is a litre.
        self::assertEqualsWithDelta(200.0, RackSetting::usual(null, 7.85, null, 1)->boxMm[0], 1e-9);
    }

    public function test_a_resistance_is_read_as_people_read_it(): void
    {
        self::assertSame(['0 Ω', '12.3 Ω', '999.9 Ω', '1 kΩ', '99.9 kΩ', '0.10 MΩ', '1.00 MΩ', '12.35 MΩ'], array_map(
            Ground::words(...),
            [0.0, 12.34, 999.94, 1000.0, 99900.0, 1e5, 1e6, 12.345e6 + 1],
        ));
        self::assertSame([Ground::Good, Ground::Bad], [Ground::of(0.0), Ground::of(1e12)]);
        self::assertSame([true, true, false], [
            Ground::Good->passes(), Ground::Dirty->passes(), Ground::Bad->passes(),
        ]);
        foreach ([-1.0, 1.1e12] as $wrong) {
            try {
                Ground::of($wrong);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame('ohm', $e->place);
            }
        }
    }
}
