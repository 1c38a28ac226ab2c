<?php

declare(strict_types=1);

namespace Tests\Core\Unit;

use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\InvalidQuantity;
use Aenum\Core\Unit\UnitSystem;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DimensionTest extends TestCase
{
    use TestTrait;

    /** @return list<array{Dimension, string, UnitSystem, float}> */
    public static function typed(): array
    {
        $m = UnitSystem::Metric;
        $us = UnitSystem::Us;

        return [
            [Dimension::Mass, '12', $m, 12.0],
            [Dimension::Mass, '12 lb', $m, 5.44310844],
            [Dimension::Mass, '12', $us, 5.44310844],
            [Dimension::Mass, '8oz', $m, 0.226796185],
            [Dimension::Length, '3/8 in', $m, 9.525],
            [Dimension::Length, '1 1/2"', $m, 38.1],
            [Dimension::Length, '2,5', $m, 2.5],
            [Dimension::Length, '3/8', $us, 9.525],
            [Dimension::Temperature, '400 F', $m, 204.4444444],
            [Dimension::Temperature, '200 °C', $us, 200.0],
            [Dimension::Temperature, '-40', $us, -40.0],
            [Dimension::Temperature, '473.15 K', $m, 200.0],
            [Dimension::Area, '0.8 m2', $us, 0.8],
            [Dimension::Area, '10 sq ft', $m, 0.9290304],
            [Dimension::Film, '3 mils', $m, 76.2],
            [Dimension::Film, '70', $m, 70.0],
            [Dimension::Pressure, '100 psi', $m, 6.89475729],
            [Dimension::Size, "6'", $m, 1.8288],
        ];
    }

    #[DataProvider('typed')]
    public function test_what_people_type_is_understood(
        Dimension $dimension,
        string $text,
        UnitSystem $system,
        float $kept,
    ): void {
        self::assertEqualsWithDelta($kept, $dimension->parse('field', $text, $system), 1e-6);
    }

    public function test_figures_survive_being_shown_and_typed_back(): void
    {
        $this->limitTo(300)
            ->forAll(
                Generators::elements(...Dimension::cases()),
                Generators::elements(...UnitSystem::cases()),
                Generators::choose(1, 2_000_000),
            )
            ->then(function (Dimension $dimension, UnitSystem $system, int $n): void {
                $kept = $n / 1000;
                $text = $dimension->show($kept, $system, 9);
                self::assertEqualsWithDelta(
                    $kept,
                    $dimension->parse('field', $text, $system),
                    1e-6 * max(1, $kept),
                    $text,
                );
            });
    }

    /** @return list<array{string}> */
    public static function nonsense(): array
    {
        return [
            [''],
            ['kg'],
            ['12 parsec'],
            ['1/0 in'],
            ['1 2'],
            ['--3'],
            ['1e400'],
            ['NaN'],
            ["12\nkg\n<b>"],
            ["\xff\xfe"],
            ['٣'],
            ['12 kg kg'],
        ];
    }

    #[DataProvider('nonsense')]
    public function test_anything_else_is_refused_in_one_line_that_names_the_field(string $text): void
    {
        try {
            Dimension::Mass->parse('mass_kg', $text, UnitSystem::Metric);
            self::fail("took {$text}");
        } catch (InvalidQuantity $e) {
            self::assertSame('mass_kg', $e->place);
            self::assertStringNotContainsString("\n", $e->getMessage());
        }
    }
}
