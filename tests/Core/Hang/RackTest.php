<?php

declare(strict_types=1);

namespace Tests\Core\Hang;

use Aenum\Core\Hang\Ground;
use Aenum\Core\Hang\Rack;
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
        $alone = Rack::of([300, 900, 200], 6, 1, 1, 400, 1000, 1);
        self::assertEqualsWithDelta(0.95, $alone->viewFactor, 1e-12);
        $row = fn (float $pitch, int $across = 5): float => Rack::of([300, 900, 200], 6, $across, 1, $pitch, 1000, 1)->viewFactor;
        self::assertGreaterThan($row(360), $row(500));
        self::assertGreaterThan($row(400, 3), $row(400, 2), 'between two neighbours there is more shade than beside one');
        self::assertSame($row(400, 3), $row(400, 9), 'the innermost sees its own two neighbours');
        self::assertGreaterThan(Rack::of([300, 900, 200], 6, 1, 3, 400, 1000, 1)->viewFactor, $alone->viewFactor);
    }

    public function test_spreading_out_never_shades_more(): void
    {
        $this->forAll(Generators::choose(20, 2000), Generators::choose(20, 2000), Generators::choose(5, 600), Generators::choose(2, 8), Generators::choose(10, 800))
            ->then(function (int $w, int $h, int $d, int $across, int $gap): void {
                $near = Rack::of([$w, $h, $d], 5, $across, 2, $w + $gap, $h + $gap, 1);
                $far = Rack::of([$w, $h, $d], 5, $across, 2, $w + 2 * $gap, $h + 2 * $gap, 1);
                self::assertGreaterThanOrEqual($near->viewFactor - 1e-12, $far->viewFactor);
                self::assertTrue($near->viewFactor >= 0.05 && $far->viewFactor <= 0.95);
            });
    }

    public function test_loads_and_room_are_told(): void
    {
        $shop = ['hook_kg' => 10.0, 'rail_kg' => 100.0, 'oven_mm' => [1800.0, 2000.0, 3200.0], 'lift_kg' => 25.0];
        $good = Rack::of([300, 900, 200], 6, 5, 1, 400, 1000, 1, $shop);
        self::assertSame([], $good->wrong);
        self::assertSame([1900.0, 900.0, 30.0], [$good->lengthMm, $good->heightMm, $good->rackKg]);
        $heavy = implode(' ', Rack::of([300, 900, 200], 60, 3, 1, 320, 1000, 2, $shop)->wrong);
        foreach (['Only 20 mm between', 'A hook has 30.0 kg', 'The rack comes to 180 kg', 'two people or a hoist'] as $says) {
            self::assertStringContainsString($says, $heavy);
        }
        self::assertStringContainsString('does not go into the oven', implode(' ', Rack::of([300, 900, 200], 1, 12, 1, 400, 1000, 1, $shop)->wrong));
        self::assertStringContainsString('between rows', implode(' ', Rack::of([300, 900, 200], 1, 1, 2, 400, 920, 1)->wrong));
        $this->expectException(InvalidQuantity::class);
        Rack::of([300, 0, 200], 1, 1, 1, 400, 400, 1);
    }

    public function test_ground_stops_over_a_megohm(): void
    {
        self::assertTrue(Ground::judge(1e6)['ok']);
        self::assertFalse(Ground::judge(1.01e6)['ok']);
        self::assertStringContainsString('dirty', Ground::judge(5e5)['says']);
        self::assertSame('Good earth.', Ground::judge(12)['says']);
    }
}
