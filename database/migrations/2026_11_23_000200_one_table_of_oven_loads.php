<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A load in an oven is one thing, whatever it is for; and an oven bakes one load at a time, whoever asks. */
return new class extends Migration
{
    private const RENAMED = [
        'bakes' => 'oven_loads',
        'bake_items' => 'oven_load_items',
        'bake_events' => 'oven_events',
        'bake_results' => 'oven_results',
        'bake_logs' => 'oven_logs',
    ];

    /** table => columns that name a load or an item, as they were and as they are */
    private const COLUMNS = [
        'oven_load_items' => ['bake_id' => 'oven_load_id'],
        'oven_events' => ['bake_id' => 'oven_load_id'],
        'oven_results' => ['bake_id' => 'oven_load_id', 'bake_item_id' => 'oven_load_item_id'],
        'oven_logs' => ['bake_id' => 'oven_load_id'],
        'readings' => ['bake_id' => 'oven_load_id', 'bake_item_id' => 'oven_load_item_id'],
    ];

    /** What a bare part has no figure for. */
    private const OF_A_COAT = ['dose', 'window_minutes', 'handle_minutes'];

    public function up(): void
    {
        foreach (self::RENAMED as $from => $to) {
            Schema::rename($from, $to);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $from => $to) {
                DB::statement("ALTER TABLE {$table} RENAME COLUMN {$from} TO {$to}");
            }
        }
        $this->widen();
        $this->carryBakeOuts();
        $this->oneRunningEach();
        Schema::drop('bake_out_items');
        Schema::drop('bake_outs');
    }

    private function widen(): void
    {
        Schema::table('oven_loads', function (Blueprint $table): void {
            $table
                ->enum('kind', ['cure', 'bake_out', 'dry_off', 'warm'])
                ->default('cure')
                ->index();
            // What bare metal is to reach, and how long it is held there.
            $table->double('target_c')->nullable();
            $table->double('hold_minutes')->nullable();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        Schema::table('oven_load_items', function (Blueprint $table): void {
            $table->foreignId('part_id')->nullable()->constrained();
        });
        DB::statement(
            'UPDATE oven_load_items JOIN coats ON coats.id = oven_load_items.coat_id'.
                ' SET oven_load_items.part_id = coats.part_id',
        );
        DB::statement('ALTER TABLE oven_load_items MODIFY part_id BIGINT UNSIGNED NOT NULL');
        DB::statement('ALTER TABLE oven_load_items MODIFY coat_id BIGINT UNSIGNED NULL');
        DB::statement(
            'ALTER TABLE oven_load_items ADD COLUMN coat_key BIGINT UNSIGNED AS (COALESCE(coat_id, 0)) STORED,'.
                ' ADD UNIQUE KEY oven_load_items_once (oven_load_id, part_id, coat_key)',
        );
        Schema::table('oven_results', function (Blueprint $table): void {
            $table->foreignId('part_id')->nullable()->constrained();
            // Of a bare part: whether it got there, and how long it was held.
            $table->boolean('reached')->nullable();
            $table->double('held_minutes')->nullable();
        });
        DB::statement(
            'UPDATE oven_results JOIN oven_load_items ON oven_load_items.id = oven_results.oven_load_item_id'.
                ' SET oven_results.part_id = oven_load_items.part_id',
        );
        DB::statement('ALTER TABLE oven_results MODIFY part_id BIGINT UNSIGNED NOT NULL');
        DB::statement('ALTER TABLE oven_results MODIFY coat_id BIGINT UNSIGNED NULL');
        foreach (self::OF_A_COAT as $figure) {
            DB::statement("ALTER TABLE oven_results MODIFY {$figure} DOUBLE NULL");
        }
        DB::statement(
            "ALTER TABLE oven_results MODIFY state ENUM('raw','flowed','part_cured','cured','overbaked') NULL",
        );
    }

    private function carryBakeOuts(): void
    {
        DB::table('bake_outs')
            ->orderBy('id')
            ->each(function (stdClass $out): void {
                $load = DB::table('oven_loads')->insertGetId([
                    'kind' => 'bake_out',
                    'oven_id' => $out->oven_id,
                    'status' => $out->status,
                    'target_c' => $out->target_c,
                    'hold_minutes' => $out->hold_min,
                    'setpoint_c' => $out->setpoint_c,
                    'minutes' => $out->minutes,
                    'door_open_s' => $out->door_open_s,
                    'ambient_c' => $out->ambient_c,
                    'way' => 'window',
                    'margin' => 0,
                    'overbake_limit' => 1,
                    'shut_at' => $out->shut_at,
                    'pulled_at' => $out->pulled_at,
                    'created_by' => $out->created_by,
                    // Who shut the door was not written down; who hung the load was.
                    'shut_by' => $out->shut_at === null ? null : $out->created_by,
                    'pulled_by' => $out->pulled_by,
                    'created_at' => $out->shut_at ?? now(),
                    'updated_at' => $out->pulled_at ?? ($out->shut_at ?? now()),
                ]);
                $result = json_decode($out->result ?? '[]', true);
                foreach (DB::table('bake_out_items')->where('bake_out_id', $out->id)->get() as $item) {
                    $id = DB::table('oven_load_items')->insertGetId([
                        'oven_load_id' => $load,
                        'part_id' => $item->part_id,
                        'count' => $item->count,
                    ]);
                    $this->carryResult($load, $id, $item->part_id, $result[$item->part_id] ?? null);
                }
            });
    }

    /** @param  array{reached: bool, held_min: float, peak_c: float, metal_minutes: float}|null  $of */
    private function carryResult(int $load, int $item, int $part, ?array $of): void
    {
        if ($of === null) {
            return;
        }
        DB::table('oven_results')->insert([
            'oven_load_id' => $load,
            'oven_load_item_id' => $item,
            'part_id' => $part,
            'reached' => $of['reached'],
            'held_minutes' => $of['held_min'],
            'peak_c' => $of['peak_c'],
            'metal_minutes' => $of['metal_minutes'],
            'fresh' => false,
        ]);
    }

    /** Where the old guards let two loads run in one oven, the earlier one was out when the later went in. */
    private function oneRunningEach(): void
    {
        $running = DB::table('oven_loads')
            ->where('status', 'running')
            ->orderBy('shut_at')
            ->get()
            ->groupBy('oven_id');
        foreach ($running as $loads) {
            foreach ($loads->slice(0, -1) as $n => $earlier) {
                DB::table('oven_loads')
                    ->where('id', $earlier->id)
                    ->update(['status' => 'pulled', 'pulled_at' => $loads[$n + 1]?->shut_at]);
            }
        }
        DB::statement(
            "ALTER TABLE oven_loads ADD COLUMN running_in BIGINT UNSIGNED AS (IF(status = 'running', oven_id, "
                .'NULL)) STORED,'.
                ' ADD UNIQUE KEY oven_loads_one_running (running_in)',
        );
    }
};
