<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/** Range checks for named quantities. Each returns the value it was given, so that it reads inline. */
final class Check
{
    /** @throws InvalidInput unless min ≤ value ≤ max */
    public static function between(string $name, float $value, float $min, float $max): float
    {
        if (! is_finite($value) || $value < $min || $value > $max) {
            throw InvalidInput::outside($name, $value, self::plain($min).' to '.self::plain($max));
        }

        return $value;
    }

    /** @throws InvalidInput unless above < value ≤ max */
    public static function above(string $name, float $value, float $above, float $max): float
    {
        if (! is_finite($value) || $value <= $above || $value > $max) {
            throw InvalidInput::outside(
                $name,
                $value,
                'above '.self::plain($above).', up to '.self::plain($max),
            );
        }

        return $value;
    }

    /** Any temperature a shop can meet, −40 to 700 °C. */
    public static function celsius(string $name, float $value): float
    {
        return self::between($name, $value, -40, 700);
    }

    private static function plain(float $number): string
    {
        return abs($number) >= 1e9
            ? sprintf('%G', $number)
            : rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
