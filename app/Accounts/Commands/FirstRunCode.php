<?php

declare(strict_types=1);

namespace App\Accounts\Commands;

use Illuminate\Support\Facades\Hash;

/** The one-time code that opens a new shop's first page, printed on its machine's console. */
final class FirstRunCode
{
    private const FILE = 'first-run.code';

    /** A new code; one printed before does not open anything any more. */
    public static function code(): string
    {
        $code = OneTimeCode::fresh();
        file_put_contents(self::path(), Hash::make($code));
        chmod(self::path(), 0600);

        return $code;
    }

    public static function fits(string $typed): bool
    {
        $kept = @file_get_contents(self::path());

        return is_string($kept) && $kept !== '' && Hash::check(OneTimeCode::plain($typed), $kept);
    }

    public static function done(): void
    {
        @unlink(self::path());
    }

    private static function path(): string
    {
        return storage_path(self::FILE);
    }
}
