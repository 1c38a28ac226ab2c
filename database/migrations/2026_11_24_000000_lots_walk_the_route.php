<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A part's pieces travel in lots, each with its own place, clocks and ticks; what was one part is one lot. */
return new class extends Migration
{
    /** Tables whose rows are of one lot from now on, and how their part is found. */
    private const OF_A_LOT = [
        'clocks' => 'clocks.part_id',
        'logbook' => 'logbook.part_id',
        'oven_load_items' => 'oven_load_items.part_id',
        'oven_results' => 'oven_results.part_id',
        'fittings' => '(SELECT pins.part_id FROM pins WHERE pins.id = fittings.pin_id)',
        'inspections' => '(SELECT coats.part_id FROM coats WHERE coats.id = inspections.coat_id)',
    ];

    /** What became of the pieces of a closed job. */
    private const FATES = ['open' => 'open', 'released' => 'released', 'declined' => 'declined'];

    public function up(): void
    {
        $this->makeLots();
        $this->makeMarks();
        $this->carryParts();
        foreach (self::OF_A_LOT as $table => $part) {
            Schema::table($table, function (Blueprint $blueprint): void {
                $blueprint->foreignId('lot_id')->nullable()->constrained();
            });
            DB::statement(
                "UPDATE {$table} SET lot_id = (SELECT lots.id FROM lots WHERE lots.part_id = {$part}) ".
                    "WHERE {$part} IS NOT NULL",
            );
        }
        $this->makeLoads();
        // What a logger's curve says of a coat is a finding like a rub.
        Schema::table('inspections', function (Blueprint $table): void {
            $table->string('kind', 20)->change();
            $table->foreignId('oven_log_id')->nullable()->constrained();
        });
        Schema::table('moves', function (Blueprint $table): void {
            $table->foreignId('lot_id')->nullable()->constrained();
            $table->string('kind', 20)->change();
        });
        Schema::table('shops', fn (Blueprint $table) => $table->boolean('by_the_sea')->default(false));
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_station_is_a_word');
        DB::statement('ALTER TABLE jobs DROP INDEX jobs_status_station_due_on_index');
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('station');
            $table->index(['status', 'due_on']);
        });
    }

    private function makeLots(): void
    {
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->string('name', 60)->nullable();
            $table->unsignedInteger('count');
            $table->string('station', 20);
            $table->enum('fate', ['open', 'released', 'declined', 'scrapped', 'joined'])->default('open');
            // Where its pieces came from, and where they went.
            $table->foreignId('from_lot_id')->nullable()->constrained('lots');
            $table->foreignId('joined_into')->nullable()->constrained('lots');
            $table->dateTime('born_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->unique(['part_id', 'number']);
            $table->index(['fate', 'station']);
        });
        DB::statement('ALTER TABLE lots ADD CONSTRAINT lots_have_pieces CHECK (count >= 1)');
        DB::statement("ALTER TABLE lots ADD CONSTRAINT lots_station_is_a_word CHECK (station REGEXP '^[a-z]')");
    }

    private function makeMarks(): void
    {
        // What became of a step for a lot; a later mark of the same step counts before an earlier one.
        Schema::create('step_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained();
            $table->string('step', 60);
            $table->enum('outcome', ['done', 'not_needed', 'put_off', 'open']);
            $table->enum('source', ['logged', 'hand', 'told']);
            $table->string('who', 120)->nullable();
            $table->dateTime('done_at', 3)->nullable();
            $table->string('why', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->index(['lot_id', 'step']);
        });
    }

    private function carryParts(): void
    {
        $parts = DB::table('parts')->join('jobs', 'jobs.id', '=', 'parts.job_id')->orderBy('parts.id');
        $parts->select(['parts.id', 'parts.count', 'jobs.station', 'jobs.status', 'parts.created_at']);
        $parts->each(fn (stdClass $part) => DB::table('lots')->insert([
            'part_id' => $part->id,
            'number' => 1,
            'count' => $part->count,
            'station' => $part->station,
            'fate' => self::FATES[$part->status] ?? 'open',
            'born_at' => $part->created_at ?? '2026-01-01 00:00:00',
        ]));
    }

    private function makeLoads(): void
    {
        Schema::table('oven_load_items', function (Blueprint $table): void {
            $table->dateTime('out_at', 3)->nullable();
        });
        DB::statement(
            'ALTER TABLE oven_load_items '
                .'ADD UNIQUE KEY oven_load_items_lot_once (oven_load_id, lot_id, coat_key), '
                .'DROP INDEX oven_load_items_once',
        );
        Schema::table('oven_results', fn (Blueprint $table) => $table->dateTime('at', 3)->nullable()->index());
        DB::statement(
            'UPDATE oven_results JOIN oven_loads ON oven_loads.id = oven_results.oven_load_id '
                .'SET oven_results.at = oven_loads.pulled_at',
        );
        // The oven's figures and the sheets as they were when the door shut.
        Schema::table('oven_loads', fn (Blueprint $table) => $table->json('frozen')->nullable());
    }
};
