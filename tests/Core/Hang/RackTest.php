<?php

declare(strict_types=1);

namespace Tests\Core\Hang;

use Aenum\Core\Hang\Ground;
use Aenum\Core\Hang\Rack;
use Aenum\Core\Hang\RackSetting;
use Aenum\Core\Unit\InvalidQuantity;
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
        $this->expectException(InvalidQuantity::class);
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
        self::assertSame('Good earth.', Ground::of(12)->says());
    }
}
