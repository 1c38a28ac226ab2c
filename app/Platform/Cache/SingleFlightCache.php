<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Closure;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;

/** Computed once under a cache lock, on every machine of the shop; concurrent callers wait for the result. */
final class SingleFlightCache
{
    /** Longest wait for another caller's result, s; after it, the value is computed again. */
    private const PATIENCE_S = 4;

    /**
     * @template T
     *
     * @param  int  $seconds  it stands
     * @param  Closure(): T  $work
     * @return T
     */
    public static function of(string $key, int $seconds, Closure $work): mixed
    {
        $known = Cache::get($key);
        $store = Cache::getStore();
        if ($known !== null || ! $store instanceof LockProvider) {
            return $known ?? self::keep($key, $seconds, $work);
        }
        try {
            return $store->lock("lock-{$key}", 2 * self::PATIENCE_S)->block(
                self::PATIENCE_S,
                fn (): mixed => Cache::get($key) ?? self::keep($key, $seconds, $work),
            );
        } catch (LockTimeoutException) {
            return $work();
        }
    }

    private static function keep(string $key, int $seconds, Closure $work): mixed
    {
        $made = $work();
        Cache::put($key, $made, $seconds);

        return $made;
    }
}
