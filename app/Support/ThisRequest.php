<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use WeakMap;

/** Worked out once for one request, and forgotten with it. */
final class ThisRequest
{
    /** @var WeakMap<object, array<string, mixed>>|null */
    private static ?WeakMap $kept = null;

    /** Whether a page is only looked at: whoever writes must see what was written. */
    public static function isLook(): bool
    {
        return request()->route() !== null && request()->isMethodSafe();
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function once(string $key, Closure $work): mixed
    {
        if (! self::isLook()) {
            return $work();
        }
        $request = request();
        $all = self::$kept ??= new WeakMap;
        $kept = $all[$request] ?? [];
        if (! array_key_exists($key, $kept)) {
            $kept[$key] = $work();
            $all[$request] = $kept;
        }

        /** @var T */
        return $kept[$key];
    }
}
