<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use Aenum\Core\Trade\PolicyChoice;

/** Options of a select field from the core's enums. */
final class EnumLabels
{
    /**
     * What each way buys and costs, one after the other.
     *
     * @param  list<PolicyChoice>  $ways
     */
    public static function says(array $ways): string
    {
        return implode(
            ' ',
            array_map(fn (PolicyChoice $way): string => ucfirst($way->label()).': '.$way->says(), $ways),
        );
    }

    /** Yes, no or not said, as a list of choices has it. */
    public static function flag(?bool $is): string
    {
        return $is === null ? '' : (string) (int) $is;
    }

    private static function label(\BackedEnum $case): string
    {
        return method_exists($case, 'label') ? $case->label() : str_replace('_', ' ', (string) $case->value);
    }

    /**
     * @param  array<array-key, \BackedEnum>  $cases  of an enum whose cases have labels
     * @return array<array-key, string> value to label
     */
    public static function of(array $cases): array
    {
        return array_column(
            array_map(fn (\BackedEnum $case): array => [$case->value, self::label($case)], $cases),
            1,
            0,
        );
    }
}
