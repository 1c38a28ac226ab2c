<?php

declare(strict_types=1);

namespace App\Platform\Cache;

use App\Platform\Database\LevelLoader;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/**
 * Shop-wide rows that many parts of a page ask for: they are read together, in one statement, the first time any of
 * them is wanted.
 */
final class SharedReads
{
    /** What they are read from: a write to one of these is seen at once. */
    private const TABLES = [
        'ovens', 'guns', 'gun_programs', 'shop_policies', 'sprayings', 'powders', 'weights', 'logbook',
        'logbook_figures',
    ];

    /** @var array<string, Closure(): Builder<covariant Model>> */
    private static array $queries = [];

    /** @param  array<string, Closure(): Builder<covariant Model>>  $queries  by name */
    public static function register(array $queries): void
    {
        self::$queries = $queries + self::$queries;
    }

    /**
     * @template T of Model
     *
     * @param  class-string<T>  $model  of the rows
     * @return Collection<int, T>
     */
    public static function get(string $name, string $model): Collection
    {
        $read = RequestMemo::once('shared reads', fn (): array => LevelLoader::together(
            array_map(fn (Closure $query): Builder => $query(), self::$queries),
        ), self::TABLES);

        /** @var Collection<int, T> */
        return $read[$name] ?? throw new \LogicException("no shared read is called {$name}, of {$model}");
    }
}
