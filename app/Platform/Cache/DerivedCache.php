<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Closure;

/**
 * Values that follow from other values alone, kept on this machine's disk under a hash of those: nothing ever makes
 * one wrong but new code, and ./start empties it then.
 */
final class DerivedCache
{
    private const KEEP_S = 2 * 86400;

    /**
     * For a page that is looked at; a command works it out.
     *
     * @template T
     *
     * @param  string  $what  names what is worked out
     * @param  mixed  $from  everything it follows from
     * @param  Closure(): T  $work
     * @return T
     */
    public static function of(string $what, mixed $from, Closure $work): mixed
    {
        $keeps = RequestMemo::isLook() && config('cache.default') !== 'array';

        return $keeps
            ? LocalCache::remember("{$what} ".hash('xxh128', serialize($from)), self::KEEP_S, $work)
            : $work();
    }
}
