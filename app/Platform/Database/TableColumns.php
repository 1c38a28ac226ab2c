<?php

declare(strict_types=1);

namespace App\Platform\Database;

use App\Platform\Cache\LocalCache;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;

/** The columns of every table and their types, read once a minute, and again once a migration has run. */
final class TableColumns
{
    private const KEY = 'columns of tables';

    private const KEEP_S = 60;

    /** @var array<string, array<string, string>>|null */
    private static ?array $known = null;

    public static function listen(): void
    {
        Event::listen(MigrationsEnded::class, self::forget(...));
    }

    /** @return array<string, string> column => data type as the database names it; empty for an unknown table */
    public static function of(string $table): array
    {
        self::$known ??= self::kept();

        return self::$known[$table] ?? [];
    }

    public static function forget(): void
    {
        self::$known = null;
        LocalCache::forget(self::key());
    }

    /** @return array<string, array<string, string>> */
    private static function kept(): array
    {
        // On this machine's disk, also in a cluster, where another machine may bring the tables up to date.
        return LocalCache::remember(self::key(), self::KEEP_S, self::read(...));
    }

    private static function key(): string
    {
        return self::KEY.' '.DB::getDatabaseName().' '.filemtime(database_path('schema/mariadb-schema.sql'));
    }

    /** @return array<string, array<string, string>> */
    private static function read(): array
    {
        $tables = [];
        $columns = DB::select(
            'select TABLE_NAME as tbl, COLUMN_NAME as col, DATA_TYPE as type from information_schema.COLUMNS'
            .' where TABLE_SCHEMA = ? order by TABLE_NAME, ORDINAL_POSITION',
            [DB::getDatabaseName()],
        );
        foreach ($columns as $column) {
            $tables[(string) $column->tbl][(string) $column->col] = (string) $column->type;
        }

        return $tables;
    }
}
