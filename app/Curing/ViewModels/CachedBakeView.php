<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use App\Accounts\Models\User;
use App\Curing\Models\OvenLoad;
use App\Platform\Cache\SingleFlightCache;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/**
 * Caches the live view of a bake for all tablets with the same units, clock and rights, until something is recorded or
 * a few seconds have passed. Tokens of the reader are put in afterwards.
 */
final class CachedBakeView
{
    /** So old a board may be, s; a page asks every twenty. */
    private const STANDS_S = 5;

    /** @param  Closure(): string  $render */
    public static function of(OvenLoad $bake, User $for, Closure $render): string
    {
        $key = 'board-'.hash('xxh128', serialize([
            $bake->id,
            (int) DB::table('audit_entries')->max('id'),
            DB::table('live_samples')->where('oven_load_id', $bake->id)->max('id'),
            intdiv(ShopClock::now()->getTimestamp(), self::STANDS_S),
            Units::current()->system,
            $for->clock,
            Gate::forUser($for)->allows('work'),
            Gate::forUser($for)->allows('manage'),
            (string) @file_get_contents(public_path('build/version.txt')),
        ]));

        return self::for(SingleFlightCache::of($key, 2 * self::STANDS_S, fn (): string => $render()));
    }

    /** The forms of it as the one who looks sends them. */
    private static function for(string $board): string
    {
        $board = (string) preg_replace(
            '/(name="_token" value=")[^"]*/',
            '${1}'.e(csrf_token()),
            $board,
        );

        return (string) preg_replace_callback(
            '/(name="_once" value=")[^"]*/',
            fn (array $found): string => $found[1].Str::uuid()->toString(),
            $board,
        );
    }
}
