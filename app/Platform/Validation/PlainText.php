<?php

declare(strict_types=1);

namespace App\Platform\Validation;

/** Text that can be stored and shown. */
final class PlainText
{
    /** Whether a value, or everything in a list of them, is UTF-8 without a NUL. */
    public static function is(mixed $value): bool
    {
        return match (true) {
            is_array($value) => array_filter(
                array_merge(array_keys($value), array_values($value)),
                fn (mixed $one): bool => ! self::is($one),
            ) === [],
            is_string($value) => mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0"),
            default => true,
        };
    }
}
