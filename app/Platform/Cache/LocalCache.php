<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * A cache on this machine's disk, in a cluster too. A disk that is full, or a folder that may not be written, makes a
 * page slower and nothing else.
 */
final class LocalCache
{
    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function remember(string $key, int $seconds, Closure $work): mixed
    {
        $known = rescue(fn (): mixed => Cache::store('file')->get($key), report: false);
        if ($known !== null) {
            /** @var T */
            return $known;
        }
        $made = $work();
        rescue(fn (): bool => Cache::store('file')->put($key, $made, $seconds), report: false);

        return $made;
    }

    public static function forget(string $key): void
    {
        rescue(fn (): bool => Cache::store('file')->forget($key), report: false);
    }
}
