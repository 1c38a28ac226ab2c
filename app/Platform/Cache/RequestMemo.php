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
 * what others wrote before it had the lock. A value that names the tables it rests on is kept until one of those is
 * written, or until a rollback.
 */
final class RequestMemo
{
    private const READS = '/^\s*\(?select\b(?!.*\b(for update|lock in share mode)\b)/is';

    private const WRITES = '/^\s*(?:insert (?:ignore )?into|update|delete from)\s+`?(\w+)`?/i';

    private const OF_A_LOOK = ['sessions', 'cache', 'cache_locks', 'queued_jobs'];

    /** @var WeakMap<object, array<string, array{mixed, list<string>|null}>>|null value and the tables it rests on */
    private static ?WeakMap $kept = null;

    public static function listen(): void
    {
        Event::listen(TransactionRolledBack::class, self::reset(...));
        Event::listen(QueryExecuted::class, static function (QueryExecuted $query): void {
            if (preg_match(self::READS, $query->sql) === 1) {
                return;
            }
            preg_match(self::WRITES, $query->sql, $written);
            $table = $written[1] ?? null;
            // A page that is looked at keeps its session and its cache, and writes nothing else.
            if (! self::isLook() || ($table !== null && ! in_array($table, self::OF_A_LOOK, true))) {
                self::forget($table);
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
     * @param  list<string>|null  $rests  tables it is read from, none for what never changes; null for any
     * @return T
     */
    public static function once(string $key, Closure $work, ?array $rests = null): mixed
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
            $kept[$key] = [$made, $rests];
            $all[$request] = $kept;
        }

        /** @var T */
        return $kept[$key][0];
    }

    /** Forgets everything, as between two jobs of a worker. */
    public static function reset(): void
    {
        self::$kept = null;
    }

    /** @param  string|null  $written  the table; null for a lock or anything else */
    private static function forget(?string $written): void
    {
        $kept = self::$kept[request()] ?? [];
        if ($kept !== []) {
            self::$kept[request()] = array_filter(
                $kept,
                fn (array $one): bool => $one[1] !== null && ! in_array($written, $one[1], true),
            );
        }
    }
}
