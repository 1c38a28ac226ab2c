<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

use Aenum\Core\Units\InvalidInput;

/**
 * The metals a coating shop meets, in the order a form shows them, and at the end what is none.
 *
 * For the copper alloys, zinc, magnesium and lead, specific heat is from the elements' molar heats at 25 °C and 200 °C
 * (CRC Handbook of Chemistry and Physics), taken linear between. Every figure is typical of its family; an alloy's own
 * data sheet comes first.
 */
final class MetalCatalog
{
    /** @var array<string, Metal>|null built once */
    private static ?array $own = null;

    /** @var array<string, Metal> metals a piece of work has for itself, see including() */
    private static array $more = [];

    /** @return array<string, Metal> by key */
    public static function all(): array
    {
        self::$own ??= array_column(
            array_map(fn (Metal $metal): array => [$metal->key, $metal], self::records()),
            1,
            0,
        );

        return self::$own + self::$more;
    }

    /** @throws InvalidInput when no metal has that key */
    public static function get(string $key): Metal
    {
        return self::find($key) ??
            throw InvalidInput::outside(
                'material',
                $key,
                'one of '.implode(', ', self::keys()).', or {"cp_j_per_kgk":[...]}',
            );
    }

    /** Null when no metal has that key. */
    public static function find(string $key): ?Metal
    {
        return self::all()[$key] ?? null;
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_map(strval(...), array_keys(self::all()));
    }

    /** @return array<string, string> key to plain name */
    public static function names(): array
    {
        return array_map(fn (Metal $metal): string => $metal->name, self::all());
    }

    /**
     * Runs something with one more metal in the registry: how a metal somebody wants to add is tried first.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public static function including(Metal $metal, callable $work): mixed
    {
        self::$more[$metal->key] = $metal;
        try {
            return $work();
        } finally {
            unset(self::$more[$metal->key]);
        }
    }

    /** @return list<Metal> */
    private static function records(): array
    {
        return [
            new Metal(
                key: 'carbon_steel',
                name: 'Carbon steel',
                family: MetalFamily::CarbonSteel,
                heatCapacity: HeatCapacity::polynomial([425.0, 0.773, -1.69e-3, 2.22e-6]),
                conductivityWPerMK: 50.0,
                densityKgPerM3: 7850.0,
                bareEmissivity: 0.7,
                softness: 1.0,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['holds'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['brown_rust', 'clean'],
                    'body' => ['rolled', 'cast'],
                    'scratch' => ['hardly'],
                    'chips' => ['curls'],
                    'vinegar' => ['quiet'],
                    'wet' => ['rusts'],
                ],
                sources: [
                    'heat' => 'EN 1993-1-2',
                    'conductivity' => 'EN 1993-1-2, about 20 °C',
                    'density' => 'EN 1993-1-2',
                    'emissivity' => 'blasted surface, textbook',
                    'softness' => 'the reference',
                ],
            ),
            new Metal(
                key: 'galvanised_steel',
                name: 'Galvanised steel',
                family: MetalFamily::Galvanised,
                heatCapacity: HeatCapacity::polynomial([425.0, 0.773, -1.69e-3, 2.22e-6]),
                conductivityWPerMK: 50.0,
                densityKgPerM3: 7850.0,
                bareEmissivity: 0.28,
                softness: 1.2,
                alwaysCast: false,
                holdsZinc: true,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['holds'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['spangle', 'white_bloom', 'clean'],
                    'body' => ['rolled'],
                    'scratch' => ['hardly', 'little'],
                    'chips' => ['curls'],
                    'vinegar' => ['fizzes', 'quiet'],
                    'wet' => ['rusts', 'bright'],
                ],
                sources: [
                    'heat' => 'EN 1993-1-2 for the steel beneath',
                    'conductivity' => 'EN 1993-1-2',
                    'density' => 'EN 1993-1-2',
                    'emissivity' => 'weathered zinc, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'stainless_steel',
                name: 'Stainless steel',
                family: MetalFamily::Stainless,
                heatCapacity: HeatCapacity::polynomial([450.0, 0.28, -2.91e-4, 1.34e-7]),
                conductivityWPerMK: 15.0,
                densityKgPerM3: 7900.0,
                bareEmissivity: 0.45,
                softness: 0.8,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips', 'holds'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['clean'],
                    'body' => ['rolled', 'cast'],
                    'scratch' => ['hardly'],
                    'chips' => ['curls'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'EN 1993-1-2',
                    'conductivity' => 'EN 1993-1-2',
                    'density' => 'EN 10088-1, 1.4301',
                    'emissivity' => 'blasted surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'cast_iron',
                name: 'Cast iron',
                family: MetalFamily::CastIron,
                heatCapacity: HeatCapacity::polynomial([460.0, 0.3]),
                conductivityWPerMK: 48.0,
                densityKgPerM3: 7200.0,
                bareEmissivity: 0.7,
                softness: 0.9,
                alwaysCast: true,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['holds'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['brown_rust', 'clean'],
                    'body' => ['cast'],
                    'scratch' => ['hardly'],
                    'chips' => ['dust'],
                    'vinegar' => ['quiet'],
                    'wet' => ['rusts'],
                ],
                sources: [
                    'heat' => 'EN 1561 grey iron, typical',
                    'conductivity' => 'EN 1561 grey iron, typical',
                    'density' => 'EN 1561 grey iron, typical',
                    'emissivity' => 'blasted surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'aluminium',
                name: 'Aluminium',
                family: MetalFamily::LightAlloy,
                heatCapacity: HeatCapacity::polynomial([903.0, 0.41]),
                conductivityWPerMK: 160.0,
                densityKgPerM3: 2700.0,
                bareEmissivity: 0.15,
                softness: 1.3,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['grey'],
                    'weight' => ['light'],
                    'surface' => ['clean', 'white_bloom'],
                    'body' => ['rolled'],
                    'scratch' => ['little'],
                    'chips' => ['curls'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'EN 1999-1-2',
                    'conductivity' => 'EN 1999-1-2, 6xxx',
                    'density' => 'EN 1999-1-2',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'cast_aluminium',
                name: 'Cast aluminium',
                family: MetalFamily::LightAlloy,
                heatCapacity: HeatCapacity::polynomial([880.0, 0.41]),
                conductivityWPerMK: 140.0,
                densityKgPerM3: 2680.0,
                bareEmissivity: 0.2,
                softness: 1.25,
                alwaysCast: true,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['grey'],
                    'weight' => ['light'],
                    'surface' => ['clean', 'white_bloom'],
                    'body' => ['cast'],
                    'scratch' => ['little'],
                    'chips' => ['curls', 'dust'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'EN 1999-1-2 slope, EN 1706 AC-43000',
                    'conductivity' => 'EN 1706 AC-43000',
                    'density' => 'EN 1706 AC-43000',
                    'emissivity' => 'bare cast skin, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'zinc_die_cast',
                name: 'Zinc die-cast',
                family: MetalFamily::Zinc,
                heatCapacity: HeatCapacity::polynomial([405.0, 0.09]),
                conductivityWPerMK: 113.0,
                densityKgPerM3: 6600.0,
                bareEmissivity: 0.25,
                softness: 1.4,
                alwaysCast: true,
                holdsZinc: true,
                bakeWarnC: 190.0,
                bakeStopC: 205.0,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['white_bloom', 'spangle', 'clean'],
                    'body' => ['cast'],
                    'scratch' => ['little', 'deep'],
                    'chips' => ['curls', 'dust'],
                    'vinegar' => ['fizzes', 'quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC zinc with 4 % aluminium',
                    'conductivity' => 'ASM vol. 2, alloy 3',
                    'density' => 'ASM vol. 2, alloy 3',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                    'limit' => 'general practice of the trade, unverified: blisters',
                ],
            ),
            new Metal(
                key: 'brass',
                name: 'Brass',
                family: MetalFamily::CopperAlloy,
                heatCapacity: HeatCapacity::polynomial([375.0, 0.1]),
                conductivityWPerMK: 120.0,
                densityKgPerM3: 8500.0,
                bareEmissivity: 0.2,
                softness: 1.15,
                alwaysCast: false,
                holdsZinc: true,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['yellow'],
                    'weight' => ['heavy'],
                    'surface' => ['green', 'clean'],
                    'body' => ['rolled', 'cast'],
                    'scratch' => ['little', 'hardly'],
                    'chips' => ['curls', 'dust'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC copper and zinc by mass',
                    'conductivity' => 'ASM vol. 2, 63/37',
                    'density' => 'ASM vol. 2, 63/37',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'bronze',
                name: 'Bronze',
                family: MetalFamily::CopperAlloy,
                heatCapacity: HeatCapacity::polynomial([370.0, 0.08]),
                conductivityWPerMK: 62.0,
                densityKgPerM3: 8800.0,
                bareEmissivity: 0.3,
                softness: 1.1,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['yellow', 'red'],
                    'weight' => ['heavy'],
                    'surface' => ['green', 'clean'],
                    'body' => ['cast', 'rolled'],
                    'scratch' => ['little', 'hardly'],
                    'chips' => ['curls', 'dust'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC copper and tin by mass',
                    'conductivity' => 'ASM vol. 2, 8 % tin',
                    'density' => 'ASM vol. 2, 8 % tin',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'copper',
                name: 'Copper',
                family: MetalFamily::CopperAlloy,
                heatCapacity: HeatCapacity::polynomial([382.0, 0.1]),
                conductivityWPerMK: 390.0,
                densityKgPerM3: 8940.0,
                bareEmissivity: 0.1,
                softness: 1.3,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['red'],
                    'weight' => ['heavy'],
                    'surface' => ['green', 'clean'],
                    'body' => ['rolled', 'cast'],
                    'scratch' => ['little', 'deep'],
                    'chips' => ['curls'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC Handbook, copper',
                    'conductivity' => 'CRC Handbook, copper',
                    'density' => 'ASM vol. 2, C11000',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'magnesium',
                name: 'Magnesium',
                family: MetalFamily::Magnesium,
                heatCapacity: HeatCapacity::polynomial([1005.0, 0.5]),
                conductivityWPerMK: 72.0,
                densityKgPerM3: 1810.0,
                bareEmissivity: 0.2,
                softness: 1.4,
                alwaysCast: true,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['grey'],
                    'weight' => ['light'],
                    'surface' => ['white_bloom', 'clean'],
                    'body' => ['cast', 'rolled'],
                    'scratch' => ['little', 'deep'],
                    'chips' => ['curls', 'dust'],
                    'vinegar' => ['fizzes'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC magnesium, 25 and 200 °C, linear between',
                    'conductivity' => 'ASM vol. 2, AZ91D',
                    'density' => 'ASM vol. 2, AZ91D',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'lead_or_tin',
                name: 'Lead, tin or white metal',
                family: MetalFamily::LowMelting,
                heatCapacity: HeatCapacity::polynomial([130.0, 0.03]),
                conductivityWPerMK: 35.0,
                densityKgPerM3: 9500.0,
                bareEmissivity: 0.3,
                softness: 1.6,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [
                    'magnet' => ['slips'],
                    'colour' => ['grey'],
                    'weight' => ['heavy'],
                    'surface' => ['clean', 'white_bloom'],
                    'body' => ['cast', 'rolled'],
                    'scratch' => ['deep'],
                    'chips' => ['curls'],
                    'vinegar' => ['quiet'],
                    'wet' => ['bright'],
                ],
                sources: [
                    'heat' => 'CRC lead',
                    'conductivity' => 'CRC lead',
                    'density' => 'between CRC lead and tin',
                    'emissivity' => 'bare surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'wood_board',
                name: 'Wood or board (MDF)',
                family: MetalFamily::NonMetal,
                heatCapacity: HeatCapacity::polynomial([1700.0]),
                conductivityWPerMK: 0.14,
                densityKgPerM3: 750.0,
                bareEmissivity: 0.9,
                softness: 2.0,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [],
                sources: [
                    'heat' => 'EN ISO 10456, fiberboard',
                    'conductivity' => 'EN ISO 10456, fiberboard',
                    'density' => 'EN ISO 10456, fiberboard',
                    'emissivity' => 'non-metallic surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'glass',
                name: 'Glass',
                family: MetalFamily::NonMetal,
                heatCapacity: HeatCapacity::polynomial([750.0]),
                conductivityWPerMK: 1.0,
                densityKgPerM3: 2500.0,
                bareEmissivity: 0.9,
                softness: 2.0,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [],
                sources: [
                    'heat' => 'EN ISO 10456, soda-lime glass',
                    'conductivity' => 'EN ISO 10456, soda-lime glass',
                    'density' => 'EN ISO 10456, soda-lime glass',
                    'emissivity' => 'non-metallic surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
            new Metal(
                key: 'plastic',
                name: 'Plastic or composite',
                family: MetalFamily::NonMetal,
                heatCapacity: HeatCapacity::polynomial([1500.0]),
                conductivityWPerMK: 0.25,
                densityKgPerM3: 1200.0,
                bareEmissivity: 0.9,
                softness: 2.0,
                alwaysCast: false,
                holdsZinc: false,
                bakeWarnC: null,
                bakeStopC: null,
                answers: [],
                sources: [
                    'heat' => 'EN ISO 10456, between polymers',
                    'conductivity' => 'EN ISO 10456, between polymers',
                    'density' => 'EN ISO 10456, between polymers',
                    'emissivity' => 'non-metallic surface, textbook',
                    'softness' => 'house figure, unverified',
                ],
            ),
        ];
    }
}
