<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

/**
 * The color scale of temperature, after the temper colors of steel: which color name belongs to which temperature. The
 * colors are in the stylesheet.
 */
final class TemperScale
{
    /** @var list<array{float, string}> °C, name */
    public const STOPS = [
        [0.0, 'slate'],
        [110.0, 'slate'],
        [150.0, 'straw'],
        [175.0, 'bronze'],
        [198.0, 'plum'],
        [225.0, 'blue'],
    ];

    /** The nearest name for one temperature. */
    public static function name(float $celsius): string
    {
        $name = 'slate';
        foreach (self::STOPS as [$from, $key]) {
            if ($celsius >= $from - 12) {
                $name = $key;
            }
        }

        return $name;
    }
}
