<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Caches what was learned from the logbook until an entry of its kind is added or withdrawn. */
final class LogbookCache
{
    /** Kinds of lines that something is learned from. */
    private const KINDS = ['blast', 'media'];

    private const KEEP_S = 7 * 86400;

    /**
     * For a page that is looked at; a command works it out from what is written.
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
            : $work(), ['logbook', 'logbook_figures']);
    }

    /** The last line of a kind, and the last that was taken back. */
    private static function stands(string $kind): string
    {
        return RequestMemo::once('last lines', self::lastLines(...), ['logbook'])[$kind];
    }

    /** @return array<string, string> by kind */
    private static function lastLines(): array
    {
        $all = null;
        foreach (self::KINDS as $kind) {
            $lines = fn (): Builder => DB::table('logbook')->where('kind', $kind);
            $last = DB::query()->selectSub($lines()->selectRaw('max(id)'), 'last')
                ->selectSub($lines()->selectRaw('max(withdrawn_at)'), 'withdrawn');
            $all = $all?->unionAll($last) ?? $last;
        }
        $rows = $all?->get()->map(fn (\stdClass $row): string => "{$row->last} {$row->withdrawn}");

        return array_combine(self::KINDS, $rows?->all() ?? []);
    }
}
