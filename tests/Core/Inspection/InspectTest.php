<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class InspectTest extends TestCase
{
    public function test_film_figures_are_those_of_a_hand_calculation(): void
    {
        $film = FilmReadings::of([68, 74, 71, 80, 66]);
        self::assertSame(5, $film->n);
        self::assertEqualsWithDelta(71.8, $film->mean, 1e-9);
        self::assertEqualsWithDelta(
            sqrt((3.8 ** 2 + 2.2 ** 2 + 0.8 ** 2 + 8.2 ** 2 + 5.8 ** 2) / 4),
            $film->deviation,
            1e-9,
        );
        self::assertSame([66.0, 80.0], [$film->least, $film->most]);
        self::assertNull(FilmReadings::of([70])->deviation);
    }

    public function test_a_decimal_comma_is_one_reading_and_commas_between_are_not(): void
    {
        self::assertSame(['5.1'], FilmReadings::typed('5,1'));
        self::assertSame(['5.1', '4.9', '5'], FilmReadings::typed("5,1 4,9\n5"));
        self::assertSame(['68', '74', '71', '95'], FilmReadings::typed('68 74; 71, 95'));
        self::assertSame(['68', '74', '71'], FilmReadings::typed('68,74,71'));
        self::assertSame(['68', 'thick'], FilmReadings::typed(' 68,  thick '));
        self::assertSame(['2.8', '71µm', '0.07mm', '3mils'], FilmReadings::typed('2.8 71 µm 0,07 mm 3 mils'));
        self::assertSame([], FilmReadings::typed(" ,\n"));
    }

    public function test_a_reading_that_cannot_be_is_named(): void
    {
        foreach (
            [
                [[], 'readings'],
                [[70, 0], 'reading 2'],
                [[70, 70, 5001], 'reading 3'],
                [array_fill(0, 10001, 70), 'readings'],
            ] as [$readings, $place]
        ) {
            try {
                FilmReadings::of($readings);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }

    public function test_a_rub_through_or_soft_fails_and_some_powders_are_not_judged(): void
    {
        self::assertSame(
            ['fail', 'fail', 'pass', 'pass', 'pass'],
            array_map(fn (int $r): string => SolventRub::of(50, $r)->verdict(true), [1, 2, 3, 4, 5]),
        );
        self::assertSame('not_judged', SolventRub::of(50, 1)->verdict(false));
        $this->expectException(InvalidInput::class);
        SolventRub::of(50, 6);
    }
}
