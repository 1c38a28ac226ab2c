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

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function once(string $key, Closure $work): mixed
    {
        $request = request();
        // Only while a page is looked at: whoever writes must see what was written.
        if ($request->route() === null || ! $request->isMethodSafe()) {
            return $work();
        }
        self::$kept ??= new WeakMap;
        $kept = self::$kept[$request] ?? [];
        if (! array_key_exists($key, $kept)) {
            $kept[$key] = $work();
            self::$kept[$request] = $kept;
        }

        /** @var T */
        return $kept[$key];
    }
}
