<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A station is known by its word; its place in the row is another matter. */
return new class extends Migration
{
    private const WORDS = [
        1 => 'intake', 'strip', 'blast', 'bake-out', 'wash', 'mask-and-hang', 'coat', 'cure', 'inspect', 'release',
    ];

    private const COLUMNS = ['jobs' => ['station'], 'moves' => ['from_station', 'to_station']];

    public function up(): void
    {
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_station');
        DB::statement('ALTER TABLE moves DROP CONSTRAINT moves_stations');
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                DB::statement("ALTER TABLE {$table} MODIFY {$column} VARCHAR(20) NOT NULL DEFAULT 'intake'");
                foreach (self::WORDS as $number => $word) {
                    DB::table($table)->where($column, (string) $number)->update([$column => $word]);
                }
                $isAWord = "{$table}_{$column}_is_a_word CHECK ({$column} REGEXP '^[a-z]')";
                DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$isAWord}");
            }
        }
    }
};
