<?php

declare(strict_types=1);

namespace Aenum\Core\Metal;

use Aenum\Core\Unit\InvalidQuantity;

/**
 * The metals a coating shop meets, with the figures the heat model needs.
 *
 * Sources: EN 1993-1-2 (carbon and stainless steel), EN 1999-1-2 (aluminium) for cp; for the copper alloys and
 * zinc, cp from the elements' molar heats at 25 °C and 200 °C (CRC Handbook of Chemistry and Physics, metals)
 * taken linear between, and conductivity and density from the ASM Handbook vol. 2 for the usual grade named.
 * Every figure is typical of its family; an alloy's own data sheet comes first.
 */
final class MetalCatalogue
{
    /** key: name, cp coefficients, k, ρ, bare emissivity, age-hardens, source */
    private const ROWS = [
        'carbon_steel' => ['Carbon steel', [425, 0.773, -1.69e-3, 2.22e-6], 50, 7850, 0.7, false, 'EN 1993-1-2; blasted surface'],
        'galvanised_steel' => ['Galvanised steel', [425, 0.773, -1.69e-3, 2.22e-6], 50, 7850, 0.28, false, 'EN 1993-1-2 for the steel beneath; weathered zinc surface'],
        'stainless_steel' => ['Stainless steel', [450, 0.280, -2.91e-4, 1.34e-7], 15, 7900, 0.45, false, 'EN 1993-1-2; blasted surface'],
        'cast_iron' => ['Cast iron', [460, 0.30], 48, 7200, 0.7, false, 'EN 1561 grey iron, typical; blasted surface'],
        'aluminium' => ['Aluminium', [903, 0.41], 160, 2700, 0.15, true, 'EN 1999-1-2; bare surface'],
        'cast_aluminium' => ['Cast aluminium', [880, 0.41], 140, 2680, 0.2, true, 'EN 1999-1-2 slope; EN 1706 AC-43000 conductivity and density'],
        'zinc_die_cast' => ['Zinc die-cast', [405, 0.09], 113, 6700, 0.25, false, 'CRC zinc with 4 % aluminium; ASM vol. 2, alloy 3'],
        'brass' => ['Brass', [375, 0.10], 120, 8500, 0.2, false, 'CRC copper and zinc by mass; ASM vol. 2, 63/37'],
        'bronze' => ['Bronze', [370, 0.08], 62, 8800, 0.3, false, 'CRC copper and tin by mass; ASM vol. 2, 8 % tin'],
        'copper' => ['Copper', [382, 0.10], 390, 8940, 0.1, false, 'CRC Handbook, copper; ASM vol. 2, C11000'],
    ];

    /** @throws InvalidQuantity when no metal has that key */
    public static function get(string $key): Metal
    {
        $row = self::ROWS[$key] ?? throw InvalidQuantity::outside('material', $key, 'one of '.implode(', ', self::keys()).', or {"cp_j_per_kgk":[...]}');
        [$name, $cp, $k, $density, $emissivity, $ages, $source] = $row;

        return new Metal($key, $name, HeatCapacity::polynomial(array_map(floatval(...), $cp)), (float) $k, (float) $density, $emissivity, $ages, $source);
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::ROWS);
    }

    /** @return array<string, string> key to plain name, in the order a form shows them */
    public static function names(): array
    {
        return array_map(fn (array $row): string => $row[0], self::ROWS);
    }
}
