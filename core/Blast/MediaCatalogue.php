<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Unit\InvalidQuantity;

/**
 * Blast media: what each is, does and lasts. House table of general practice for small cabinets and pots; the maker's
 * sheet comes first.
 *
 * Rate is against aluminium oxide on the same part; best mixture is kg of media to a kg of air; cycles is how often a
 * grain is used before it is dust; Rz is the peak-to-valley on mild steel at 7 bar, µm.
 */
final class MediaCatalogue
{
    /** key => [name, ferrous, hard, fine, silica, rate, best mixture, cycles, Rz, what it takes off, usual grade] */
    private const ROWS = [
        'steel_grit' => ['steel grit', true, true, false, false, 1.15, 2.4, 150, 75, self::ALL, 'G40 to G50, 0.3 to 1 mm'],
        'steel_shot' => ['steel shot', true, true, false, false, 0.9, 2.5, 250, 35, ['bare', 'mill_scale', 'rust', 'paint'], 'S230, 0.6 to 0.9 mm'],
        'aluminium_oxide' => ['aluminium oxide', false, true, false, false, 1.0, 2.0, 12, 60, self::ALL, '36 to 46 mesh, 0.4 to 0.6 mm'],
        'fine_aluminium_oxide' => ['fine aluminium oxide', false, true, true, false, 0.6, 1.7, 8, 25, self::ALL, '80 to 120 mesh, 0.1 to 0.2 mm'],
        'garnet' => ['garnet', false, true, false, false, 0.95, 2.0, 4, 60, self::ALL, '30/60 mesh, 0.25 to 0.6 mm'],
        'fine_garnet' => ['fine garnet', false, true, true, false, 0.6, 1.7, 3, 28, self::ALL, '80 mesh, 0.15 to 0.3 mm'],
        'crushed_glass' => ['crushed glass', false, true, false, false, 0.8, 1.9, 1.5, 45, self::ALL, '40/70 mesh, 0.2 to 0.4 mm'],
        'glass_bead' => ['glass bead', false, true, true, false, 0.4, 1.6, 15, 8, ['bare', 'rust', 'paint'], '70/140 mesh, 0.1 to 0.2 mm'],
        'plastic' => ['plastic media', false, false, true, false, 0.35, 1.5, 8, 2, ['paint', 'two_part_paint'], '20/40 mesh, 0.4 to 0.9 mm'],
        'walnut' => ['walnut shell', false, false, true, false, 0.3, 1.5, 3, 2, ['paint'], '18/40 mesh, 0.4 to 1 mm'],
        'soda' => ['baking soda', false, false, true, false, 0.3, 1.5, 1, 1, ['paint', 'grease'], 'fine grade, 0.1 to 0.3 mm'],
        'silica_sand' => ['silica sand', false, true, false, true, 0.9, 2.0, 1, 55, self::ALL, 'any'],
    ];

    private const ALL = ['bare', 'mill_scale', 'rust', 'paint', 'two_part_paint', 'old_powder', 'plating', 'grease'];

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::ROWS);
    }

    public static function name(string $key): string
    {
        return self::row($key)[0];
    }

    /** Leaves iron in the surface. */
    public static function isFerrous(string $key): bool
    {
        return self::row($key)[1];
    }

    /** Neither soluble nor soft: must not be left in an oil passage or bearing. */
    public static function isHard(string $key): bool
    {
        return self::row($key)[2];
    }

    public static function isFine(string $key): bool
    {
        return self::row($key)[3];
    }

    public static function isSilica(string $key): bool
    {
        return self::row($key)[4];
    }

    /** Cleaning rate against aluminium oxide. */
    public static function rate(string $key): float
    {
        return self::row($key)[5];
    }

    /** kg of media to a kg of air at which it cleans fastest. */
    public static function bestMixture(string $key): float
    {
        return self::row($key)[6];
    }

    /** How often a grain is used before it is dust. */
    public static function cycles(string $key): float
    {
        return self::row($key)[7];
    }

    /** Peak-to-valley left on mild steel at 7 bar, µm. */
    public static function rzMicrons(string $key): float
    {
        return self::row($key)[8];
    }

    public static function takesOff(string $key, string $onIt): bool
    {
        return in_array($onIt, self::row($key)[9], true);
    }

    /** The grade usual for small parts. */
    public static function grade(string $key): string
    {
        return self::row($key)[10];
    }

    /** @return array{string, bool, bool, bool, bool, float, float, float, float, list<string>, string} */
    private static function row(string $key): array
    {
        return self::ROWS[$key] ?? throw InvalidQuantity::outside('media', $key, 'one of '.implode(', ', self::keys()));
    }
}
