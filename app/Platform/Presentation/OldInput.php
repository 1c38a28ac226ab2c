<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

/** The submitted value of a field after a validation error, else its stored value. */
final class OldInput
{
    /** One value, as it goes into a field. */
    public static function text(string $key, mixed $else = null): string
    {
        $typed = old($key, $else);

        return is_scalar($typed) || $typed instanceof \Stringable ? (string) $typed : '';
    }

    /**
     * Rows of values.
     *
     * @param  array<int|string, array<string, mixed>>  $else
     * @return array<int|string, array<string, mixed>>
     */
    public static function rows(string $key, array $else): array
    {
        $typed = old($key, $else);

        return array_filter(is_array($typed) ? $typed : $else, is_array(...));
    }
}
