<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;

/** Worked out by one for all who ask at the same moment, on every machine of the shop: the others wait for it. */
final class OneForAll
{
    /** Longer nobody waits for another: it is worked out once more. s */
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
