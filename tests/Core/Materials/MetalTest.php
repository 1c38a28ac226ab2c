<?php

declare(strict_types=1);

namespace Tests\Core\Materials;

use Aenum\Core\Materials\HeatCapacity;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MetalTest extends TestCase
{
    /**
     * @return array<string, array{string, float, float}> key, cp at 20 °C and 200 °C worked out by hand from the
     *      published polynomials
     */
    public static function published(): array
    {
        return [
            'carbon steel' => ['carbon_steel', 425 + 15.46 - 0.676 + 0.01776, 425 + 154.6 - 67.6 + 17.76],
            'stainless steel' => ['stainless_steel', 450 + 5.6 - 0.1164 + 0.001072, 450 + 56 - 11.64 + 1.072],
            'aluminium' => ['aluminium', 903 + 8.2, 903 + 82],
            'cast iron' => ['cast_iron', 466, 520],
        ];
    }

    #[DataProvider('published')]
    public function test_specific_heat_is_as_published(string $key, float $cold, float $hot): void
    {
        $capacity = MetalCatalog::get($key)->heatCapacity;
        self::assertEqualsWithDelta($cold, $capacity->at(20), 1e-6);
        self::assertEqualsWithDelta($hot, $capacity->at(200), 1e-6);
    }

    public function test_enthalpy_is_the_integral_of_specific_heat(): void
    {
        foreach (MetalCatalog::keys() as $key) {
            $capacity = MetalCatalog::get($key)->heatCapacity;
            $sum = 0.0;
            for ($n = 0; $n < 4000; $n++) {
                $sum += ($capacity->at(20 + (200 * ($n + 0.5)) / 4000) * 200) / 4000;
            }
            self::assertEqualsWithDelta($sum, $capacity->enthalpy(20, 220), 1e-4 * $sum, $key);
        }
    }

    public function test_every_metal_is_within_reason_and_names_its_source(): void
    {
        foreach (MetalCatalog::names() as $key => $name) {
            $metal = MetalCatalog::get($key);
            self::assertSame(
                [],
                array_diff(
                    ['heat', 'conductivity', 'density', 'emissivity', 'softness'],
                    array_keys(array_filter($metal->sources)),
                ),
            );
            self::assertSame($name, $metal->name);
            $isMetal = $metal->family !== MetalFamily::NonMetal;
            self::assertGreaterThan($isMetal ? 1500 : 500, $metal->densityKgPerM3);
            self::assertLessThanOrEqual(9500, $metal->densityKgPerM3);
            self::assertSame($isMetal, $metal->conductivityWPerMK > 10);
            self::assertGreaterThan(0, $metal->bareEmissivity);
            self::assertLessThanOrEqual(1, $metal->bareEmissivity);
        }
        self::assertTrue(MetalCatalog::get('cast_aluminium')->ageHardens());
        self::assertFalse(MetalCatalog::get('cast_iron')->ageHardens());
    }

    public function test_area_from_mass_and_wall(): void
    {
        // A plate of 1 m² and 4 mm weighs 31.4 kg in steel and has two faces.
        self::assertEqualsWithDelta(2.0, MetalCatalog::get('carbon_steel')->areaFromWall(31.4, 4), 1e-9);
    }

    /** @return array<string, array{list<float>}> */
    public static function impossible(): array
    {
        return [
            'none' => [[]],
            'seven' => [array_fill(0, 7, 1.0)],
            'zero' => [[0.0]],
            'negative when hot' => [[500.0, -1.0]],
            'huge' => [[1e9]],
            'not a number' => [[NAN]],
            'infinite' => [[500.0, INF]],
        ];
    }

    /** @param  list<float>  $coefficients */
    #[DataProvider('impossible')]
    public function test_a_heat_that_cannot_be_is_refused(array $coefficients): void
    {
        $this->expectException(InvalidInput::class);
        HeatCapacity::polynomial($coefficients);
    }
}
