<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Unit\InvalidQuantity;

/** Blast media: what each is, as far as the rules need it. General practice of the trade; the maker's sheet comes first. */
final class MediaCatalogue
{
    /** key => [name, ferrous, hard, fine, silica] */
    private const ROWS = [
        'steel_grit' => ['steel grit', true, true, false, false],
        'steel_shot' => ['steel shot', true, true, false, false],
        'aluminium_oxide' => ['aluminium oxide', false, true, false, false],
        'fine_aluminium_oxide' => ['fine aluminium oxide', false, true, true, false],
        'garnet' => ['garnet', false, true, false, false],
        'fine_garnet' => ['fine garnet', false, true, true, false],
        'crushed_glass' => ['crushed glass', false, true, false, false],
        'glass_bead' => ['glass bead', false, true, true, false],
        'plastic' => ['plastic media', false, false, true, false],
        'walnut' => ['walnut shell', false, false, true, false],
        'soda' => ['baking soda', false, false, true, false],
        'silica_sand' => ['silica sand', false, true, false, true],
    ];

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

    /** @return array{string, bool, bool, bool, bool} */
    private static function row(string $key): array
    {
        return self::ROWS[$key] ?? throw InvalidQuantity::outside('media', $key, 'one of '.implode(', ', self::keys()));
    }
}
