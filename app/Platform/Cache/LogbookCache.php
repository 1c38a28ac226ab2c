<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Caches what was learned from the logbook until an entry of its kind is added or withdrawn. */
final class LogbookCache
{
    private const KEEP_S = 7 * 86400;

    /**
     * For whoever looks at a page; whoever writes works it out from what is written.
     *
     * @template T
     *
     * @param  string  $what  names what is kept
     * @param  string  $kind  of lines it rests on
     * @param  Closure(): T  $work
     * @return T
     */
    public static function from(string $what, string $kind, Closure $work): mixed
    {
        return RequestMemo::once($what, fn (): mixed => RequestMemo::isLook() && config('cache.default') !== 'array'
            ? Cache::remember("{$what} ".self::stands($kind), self::KEEP_S, $work)
            : $work());
    }

    /** The last line of a kind, and the last that was taken back. */
    private static function stands(string $kind): string
    {
        $lines = fn () => DB::table('logbook')->where('kind', $kind);

        return $lines()->orderByDesc('id')->value('id').' '.$lines()->max('withdrawn_at');
    }
}
