<?php

declare(strict_types=1);

namespace App\Platform\Security;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** A hash nothing matches, so that an unknown user takes as long to check as a known one. */
final class DummyHash
{
    public static function get(): string
    {
        return (string) Cache::rememberForever('dummy_hash', fn (): string => Hash::make(Str::random(40)));
    }
}
