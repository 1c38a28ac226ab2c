<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Columns that held a fixed list of words; the core's enums say which there are. */
    private const WORDS = [
        'shops' => ['clock_way', 'window'],
        'oven_loads' => ['way', null],
        'oven_events' => ['kind', null],
        'masks' => ['kind', null],
    ];

    public function up(): void
    {
        Schema::table('ovens', fn (Blueprint $table) => $table->text('lesson')->nullable());
        Schema::table('oven_loads', function (Blueprint $table): void {
            $table->foreignId('rides_with')->nullable()->constrained('oven_loads');
            $table->dateTime('timer_out_at', 3)->nullable();
        });
        $this->oneRunning("status = 'running' AND rides_with IS NULL");
        foreach (self::WORDS as $table => [$column, $default]) {
            Schema::table($table, function (Blueprint $change) use ($column, $default): void {
                $word = $change->string($column, 20);
                $default === null ? $word->change() : $word->default($default)->change();
            });
        }
        Schema::table('powders', function (Blueprint $table): void {
            $table->string('clock_way', 10)->nullable();
            $table->double('door_c')->nullable();
            $table->double('door_minutes')->nullable();
        });
        Schema::table('pins', function (Blueprint $table): void {
            $table->string('answer', 300)->nullable();
            $table->string('answered_by', 120)->nullable();
            $table->dateTime('answered_at', 3)->nullable();
        });
    }

    /** Which loads count as the one that runs in their oven. */
    private function oneRunning(string $which): void
    {
        Schema::table('oven_loads', fn (Blueprint $table) => $table->dropUnique('oven_loads_one_running'));
        Schema::table('oven_loads', fn (Blueprint $table) => $table->dropColumn('running_in'));
        DB::statement(
            "ALTER TABLE oven_loads ADD COLUMN running_in BIGINT UNSIGNED AS (IF({$which}, oven_id, NULL)) STORED,"
                .' ADD UNIQUE KEY oven_loads_one_running (running_in)',
        );
    }
};
