<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Support\Facades\Event;
use WeakMap;

/**
 * Memoizes values for one request.
 *
 * In a request that writes, every write, row lock and rollback clears it, so that it always reads what it wrote and
 * what others wrote before it had the lock.
 */
final class RequestMemo
{
    private const READS = '/^\s*\(?select\b(?!.*\b(for update|lock in share mode)\b)/is';

    /** @var WeakMap<object, array<string, mixed>>|null */
    private static ?WeakMap $kept = null;

    public static function listen(): void
    {
        Event::listen(TransactionRolledBack::class, self::forget(...));
        Event::listen(QueryExecuted::class, static function (QueryExecuted $query): void {
            if (preg_match(self::READS, $query->sql) !== 1) {
                self::forget();
            }
        });
    }

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
        $request = request();
        if (! self::isLook()) {
            // Tests and seeders move the clock within one request.
            $key .= ' '.(CarbonImmutable::getTestNow()?->getTimestampMs() ?? '');
        }
        $all = self::$kept ??= new WeakMap;
        $kept = $all[$request] ?? [];
        if (! array_key_exists($key, $kept)) {
            $made = $work();
            $kept = $all[$request] ?? [];
            $kept[$key] = $made;
            $all[$request] = $kept;
        }

        /** @var T */
        return $kept[$key];
    }

    /** Forgets everything, as between two jobs of a worker. */
    public static function reset(): void
    {
        self::$kept = null;
    }

    private static function forget(): void
    {
        if (! self::isLook()) {
            self::$kept = null;
        }
    }
}
