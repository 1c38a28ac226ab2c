<?php

declare(strict_types=1);

namespace Tests\Core\Units;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use Aenum\Core\Units\UnitSystem;
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

    public function test_a_comma_that_means_a_thousand_to_some_is_asked_about(): void
    {
        $read = fn (string $text): float => Dimension::Mass->parse('mass', $text, UnitSystem::Metric);
        self::assertSame([0.25, 1.2, 1.25, 1234.5, 12.0], [
            $read('0,250'), $read('1,2'), $read('1,2500'), $read('1234,500'), $read('12.000'),
        ]);
        foreach (['1,200' => ['1200', '1.200'], '12,000 lb' => ['12000', '12.000'], '999,999' => ['999999', '999.999'],
        ] as $text => [$thousand, $part]) {
            try {
                $read($text);
                self::fail("took {$text}");
            } catch (InvalidInput $e) {
                self::assertSame(
                    "mass is \"{$text}\"; allowed: {$thousand} or {$part}, as it is meant; the comma says either",
                    $e->getMessage(),
                );
            }
        }
    }

    /** @return array<string, array{Dimension, float, string, string}> kept, as read in metric and in US units */
    public static function shown(): array
    {
        return [
            'a bake' => [Dimension::Temperature, 200.0, '200 °C', '392 °F'],
            'warmer by' => [Dimension::TemperatureDifference, 10.0, '10 K', '18 °F'],
            'a heavy part' => [Dimension::Mass, 123.456, '123 kg', '272 lb'],
            'a part' => [Dimension::Mass, 12.34, '12.3 kg', '27.2 lb'],
            'a light part' => [Dimension::Mass, 1.204, '1.2 kg', '2.65 lb'],
            'powder' => [Dimension::Powder, 510.0, '510 g', '18 oz'],
            'a rail' => [Dimension::Length, 2540.0, '2540 mm', '100 in'],
            'a hose' => [Dimension::Size, 3.048, '3.05 m', '10 ft'],
            'skin' => [Dimension::Area, 0.929, '0.93 m²', '10 ft²'],
            'film' => [Dimension::Film, 76.2, '76.2 µm', '3 mil'],
            'air' => [Dimension::Pressure, 6.0, '6 bar', '87 psi'],
            'flow' => [Dimension::AirFlow, 3.4, '3.4 m³/min', '120 cfm'],
            'a burner' => [Dimension::Power, 18.0, '18 kW', '18 kW'],
            'heat' => [Dimension::Energy, 8.63, '8.63 kWh', '8.63 kWh'],
            'stripper' => [Dimension::Volume, 1.4, '1.4 l', '0.37 gal'],
            'a little while' => [Dimension::Duration, 4.5, '4.5 min', '4.5 min'],
            'as good as whole' => [Dimension::Duration, 4.96, '5 min', '5 min'],
            'a while' => [Dimension::Duration, 99.4, '99 min', '99 min'],
            'hours' => [Dimension::Duration, 100.0, '1 h 40 min', '1 h 40 min'],
            'whole hours' => [Dimension::Duration, 120.0, '2 h', '2 h'],
        ];
    }

    #[DataProvider('shown')]
    public function test_a_figure_is_shown_with_the_digits_that_bear_meaning(
        Dimension $dimension,
        float $kept,
        string $metric,
        string $us,
    ): void {
        self::assertSame($metric, $dimension->show($kept, UnitSystem::Metric));
        self::assertSame($us, $dimension->show($kept, UnitSystem::Us));
    }

    public function test_several_figures_say_their_unit_once(): void
    {
        $in = fn (Quantity $one): array => [$one->in(UnitSystem::Metric), $one->in(UnitSystem::Us)];
        self::assertSame(['900 × 450 × 60 mm', '35.4 × 17.7 × 2.36 in'], $in(Quantity::sides(900, 450, 60)));
        self::assertSame(['60 to 90 µm', '2.36 to 3.54 mil'], $in(Quantity::microns(60, 90)));
        self::assertSame(['6.9 bar', '100 psi'], $in(Quantity::bar(6.89475729)));
        self::assertSame(['0 mm', '0 in'], $in(Quantity::sides()));
    }

    public function test_what_is_said_holds_its_figures_at_any_depth(): void
    {
        $inner = Message::of('it gets {hot}', ['hot' => Quantity::celsius(200)]);
        $said = Message::all([$inner, 'as {this} stands'], ', ')->asSentence();
        self::assertSame('It gets 392 °F, as {this} stands.', $said->in(UnitSystem::Us));
        self::assertCount(1, $said->quantities());
        self::assertSame('', Message::from('')->asSentence()->in(UnitSystem::Metric), 'nothing said is no sentence');
        self::assertSame('Is it?', Message::from('is it?')->asSentence()->in(UnitSystem::Metric));
        self::assertSame('1.5 of 3', Message::of('{a} of {b}', ['a' => 1.46, 'b' => 3])->in(UnitSystem::Metric));
        self::assertSame($inner, Message::from($inner));
    }

    public function test_a_refusal_names_where_it_stood_from_the_outside_in(): void
    {
        $refusal = InvalidInput::negative('mass_kg', -1.5);
        self::assertSame('items[2].mass_kg is -1.5; allowed: 0 or more', $refusal->within('items[2]')->getMessage());
        self::assertSame('items[2] is missing; allowed: a part', InvalidInput::missing('[2]', 'a part')
            ->within('items')->getMessage());
        self::assertSame('the file is missing; allowed: one', InvalidInput::missing('', 'one')->getMessage());
        $is = fn (mixed $value): string => InvalidInput::outside('it', $value, 'so')->found;
        self::assertSame(
            ['is null', 'is true', 'is not a finite number', 'is 100', 'is 0.000001', 'is "a b"', 'is an empty list',
                'is a list', 'is an object'],
            array_map($is, [null, true, NAN, 100, 1e-6, "a\nb", [], [1], new \stdClass()]),
        );
        self::assertSame(82, mb_strlen($is(str_repeat('x', 200))) - mb_strlen('is '), 'however long it was');
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
        } catch (InvalidInput $e) {
            self::assertSame('mass_kg', $e->place);
            self::assertStringNotContainsString("\n", $e->getMessage());
        }
    }

    /** One of each unit, in the unit the program keeps: international foot and pound of 1959, US gallon. */
    private const ONE_OF_EACH = [
        'Temperature' => ['°C' => 1.0, '°F' => -17.2222222222, 'K' => -272.15],
        'TemperatureDifference' => ['K' => 1.0, '°F' => 0.5555555556, '°C' => 1.0],
        'Mass' => ['kg' => 1.0, 'lb' => 0.45359237, 'g' => 0.001, 'oz' => 0.028349523125, 't' => 1000.0],
        'Powder' => ['g' => 1.0, 'oz' => 28.349523125, 'kg' => 1000.0, 'lb' => 453.59237],
        'Length' => ['mm' => 1.0, 'in' => 25.4, 'cm' => 10.0, 'm' => 1000.0, 'ft' => 304.8],
        'Size' => ['m' => 1.0, 'ft' => 0.3048, 'mm' => 0.001, 'cm' => 0.01, 'in' => 0.0254],
        'Area' => ['m²' => 1.0, 'ft²' => 0.09290304, 'cm²' => 0.0001, 'in²' => 0.00064516],
        'Film' => ['µm' => 1.0, 'mil' => 25.4, 'mm' => 1000.0],
        'Pressure' => ['bar' => 1.0, 'psi' => 0.0689475729, 'kPa' => 0.01],
        'Power' => ['kW' => 1.0, 'W' => 0.001, 'BTU/h' => 0.000293071],
        'Energy' => ['kWh' => 1.0],
        'Volume' => ['l' => 1.0, 'gal' => 3.785411784, 'ml' => 0.001],
        'AirFlow' => ['m³/min' => 1.0, 'cfm' => 0.028316846592, 'l/s' => 0.06],
        'AirSpeed' => ['m/s' => 1.0, 'ft/min' => 0.00508],
        'Duration' => ['min' => 1.0, 'h' => 60.0, 's' => 0.0166666667],
    ];

    public function test_one_of_every_unit_there_is(): void
    {
        foreach (Dimension::cases() as $dimension) {
            foreach (self::ONE_OF_EACH[$dimension->name] as $unit => $kept) {
                foreach (UnitSystem::cases() as $system) {
                    $says = "1 {$unit} of {$dimension->name}";
                    self::assertEqualsWithDelta($kept, $dimension->parse('f', "1 {$unit}", $system), 1e-10, $says);
                }
                $nought = $dimension === Dimension::Temperature ? ['°C' => 0.0, '°F' => -160 / 9, 'K' => -273.15] : [];
                self::assertEqualsWithDelta(
                    $nought[$unit] ?? 0.0,
                    $dimension->parse('f', "0 {$unit}", UnitSystem::Metric),
                    1e-10,
                    "none of {$unit}",
                );
            }
            $allowed = implode(', ', array_keys(self::ONE_OF_EACH[$dimension->name]));
            try {
                $dimension->parse('f', '1 parsec', UnitSystem::Metric);
                self::fail('took a parsec');
            } catch (InvalidInput $e) {
                self::assertSame("a number with {$allowed}", $e->allowed, 'and no unit is missing above');
            }
        }
    }

    public function test_the_digits_change_at_ten_and_at_a_hundred(): void
    {
        $shown = fn (float $kg): string => Dimension::Mass->number($kg, UnitSystem::Metric);
        self::assertSame(['9.99', '10', '10.1', '99.9', '100', '100', '101'], array_map(
            $shown,
            [9.994, 10.04, 10.06, 99.94, 100.0, 100.4, 100.6],
        ));
        self::assertSame(['-9.99', '-10.1', '-101'], array_map($shown, [-9.994, -10.06, -100.6]));
        $lasts = Dimension::duration(...);
        self::assertSame(['9.9 min', '10 min', '10 min', '3 min', '3.1 min'], array_map(
            $lasts,
            [9.9, 9.96, 10.2, 3.04, 3.06],
        ));
    }

    public function test_ranges_hold_at_their_very_ends(): void
    {
        self::assertSame([1.0, 2.0], [Check::between('f', 1.0, 1.0, 2.0), Check::between('f', 2.0, 1.0, 2.0)]);
        self::assertSame([1.001, 2.0], [Check::above('f', 1.001, 1.0, 2.0), Check::above('f', 2.0, 1.0, 2.0)]);
        self::assertSame([-40.0, 700.0], [Check::celsius('f', -40.0), Check::celsius('f', 700.0)]);
        foreach ([
            'f is 0.999; allowed: 1 to 2' => fn () => Check::between('f', 0.999, 1.0, 2.0),
            'f is 2.001; allowed: 1 to 2' => fn () => Check::between('f', 2.001, 1.0, 2.0),
            'f is not a finite number; allowed: 1 to 2' => fn () => Check::between('f', NAN, 1.0, 2.0),
            'f is 1; allowed: above 1, up to 2.5' => fn () => Check::above('f', 1.0, 1.0, 2.5),
            'f is 2.6; allowed: above 1, up to 2.5' => fn () => Check::above('f', 2.6, 1.0, 2.5),
            'f is not a finite number; allowed: above 1, up to 2' => fn () => Check::above('f', INF, 1.0, 2.0),
            'f is -40.1; allowed: -40 to 700' => fn () => Check::celsius('f', -40.1),
            'f is 700.1; allowed: -40 to 700' => fn () => Check::celsius('f', 700.1),
            'f is -1; allowed: 0 to 1.0E+9' => fn () => Check::between('f', -1.0, 0.0, 1e9),
            'f is -1; allowed: 0 to 999999999' => fn () => Check::between('f', -1.0, 0.0, 999999999.0),
            'f is 1; allowed: 0 to 0.125' => fn () => Check::between('f', 1.0, 0.0, 0.125),
        ] as $says => $asks) {
            try {
                $asks();
                self::fail("taken, where it should say: {$says}");
            } catch (InvalidInput $e) {
                self::assertSame($says, $e->getMessage());
            }
        }
    }
}
