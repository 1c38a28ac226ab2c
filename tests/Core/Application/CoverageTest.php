<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\BoothAir;
use Aenum\Core\Application\Coverage;
use Aenum\Core\Application\FilmPass;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    public function test_cover_by_hand(): void
    {
        self::assertEqualsWithDelta(5.71, Coverage::m2PerKg(1.55, 70, 0.62), 0.005);
        // One square metre at 100 µm of something as heavy as water, all of it landing: 0.1 kg.
        self::assertEqualsWithDelta(10.0, Coverage::m2PerKg(1.0, 100, 1.0), 1e-12);
    }

    public function test_half_the_film_goes_twice_as_far(): void
    {
        self::assertEqualsWithDelta(2 * Coverage::m2PerKg(1.4, 80, 0.6), Coverage::m2PerKg(1.4, 40, 0.6), 1e-12);
    }

    public function test_what_cannot_be_is_refused_by_name(): void
    {
        foreach (
            [
                [0.4, 70, 0.6, 'sg'],
                [1.5, 0, 0.6, 'film_um'],
                [1.5, 70, 0, 'efficiency'],
                [1.5, 70, 1.01, 'efficiency'],
                [1.5, 2001, 0.5, 'film_um'],
            ] as [$sg, $film, $efficiency, $place]
        ) {
            try {
                Coverage::m2PerKg($sg, $film, $efficiency);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }

    public function test_a_pass_of_the_gun_by_hand(): void
    {
        // 110 g/min, 70 % of it landing, of 1.55, in a cloud of 240 mm moved at 220 mm/s.
        $um = 110 * 0.7 * 1e6 / (60 * 1.55 * 240 * 220);
        self::assertEqualsWithDelta($um, FilmPass::microns(110, 0.7, 1.55, 240, 220), 1e-9);
        self::assertEqualsWithDelta(15.68, $um, 0.01);
        self::assertEqualsWithDelta(2 * $um, FilmPass::microns(110, 0.7, 1.55, 240, 220, 0.5), 1e-9);
        self::assertEqualsWithDelta($um / 2, FilmPass::microns(110, 0.7, 1.55, 240, 440), 1e-9);
    }

    public function test_powder_in_the_booth_s_air_by_hand(): void
    {
        self::assertSame(2.0, BoothAir::gramsPerM3(110, 55));
        self::assertSame(0.0, BoothAir::gramsPerM3(0, 55));
        self::assertSame([10.0, 15.0], [BoothAir::limit(null), BoothAir::limit(30.0)]);
    }

    /** @return array<string, array{string, \Closure(float): float, float, float, bool}> ends; is the least out */
    public static function ends(): array
    {
        return [
            'flow' => ['flow_g_min', fn (float $x): float => FilmPass::microns($x, 0.7, 1.5, 240, 220), 0, 2000, true],
            'transfer' => ['transfer', fn (float $x): float => FilmPass::microns(110, $x, 1.5, 240, 220), 0, 1, true],
            'gravity' => ['sg', fn (float $x): float => FilmPass::microns(110, 0.7, $x, 240, 220), 0.5, 10, false],
            'pattern' => ['pattern_mm', fn (float $x): float => FilmPass::microns(1, 0.7, 1.5, $x, 220), 0, 2000, true],
            'hand' => ['hand_mm_s', fn (float $x): float => FilmPass::microns(1, 0.7, 1.5, 240, $x), 0, 5000, true],
            'overlap' => ['overlap', fn (float $x): float => FilmPass::microns(1, 1, 1, 240, 9, $x), 0, 0.95, false],
            'spray' => ['spray_g_min', fn (float $x): float => BoothAir::gramsPerM3($x, 55), 0, 10000, false],
            'air' => ['air_m3_min', fn (float $x): float => BoothAir::gramsPerM3(110, $x), 0, 1e5, true],
            'limit' => ['lel_g_m3', fn (float $x): float => BoothAir::limit($x), 0, 1000, true],
            'cover, gravity' => ['sg', fn (float $x): float => Coverage::m2PerKg($x, 70, 0.6), 0.5, 10, false],
            'cover, film' => ['film_um', fn (float $x): float => Coverage::m2PerKg(1.5, $x, 0.6), 0, 2000, true],
        ];
    }

    /** @param  \Closure(float): float  $with */
    #[DataProvider('ends')]
    public function test_each_figure_is_taken_to_its_ends(
        string $place,
        \Closure $with,
        float $least,
        float $most,
        bool $isLeastOut,
    ): void {
        self::assertIsFloat($with($most));
        self::assertIsFloat($with($isLeastOut ? $least + 1e-6 : $least));
        foreach ([$isLeastOut ? $least : $least - 1e-6, $most * (1 + 1e-6)] as $past) {
            try {
                $with($past);
                self::fail("{$place} of {$past} was taken");
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }
}
