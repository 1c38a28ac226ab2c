<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the gun, the shelf and the counter want to know of a powder; null where its sheet is silent. */
    private const OF_A_POWDER = [
        'clear_need', 'softens_c', 'bonded', 'outdoors', 'price_kg', 'box_kg', 'supplier_days', 'least_order_kg',
        'transfer', 'lel_g_m3', 'shrink', 'ohm_m', 'charge_uc_g', 'keep_below_c',
    ];

    private const RANGES = [
        'powder_lots' => 'kg > 0 AND (counted_kg IS NULL OR counted_kg >= 0)',
        'guns' => 'most_kv > 0 AND most_kv <= 200 AND (low_kv IS NULL OR low_kv BETWEEN 0 AND most_kv) '
            .'AND (most_ua IS NULL OR most_ua > 0) AND (flow_g_min IS NULL OR flow_g_min > 0)',
        'gun_programs' => 'number BETWEEN 1 AND 99 AND kv BETWEEN 0 AND 200',
        'sprayings' => 'pieces BETWEEN 1 AND 10000 AND (weighed_g IS NULL OR weighed_g > 0) '
            .'AND (back_g IS NULL OR (back_g >= 0 AND back_g <= weighed_g))',
    ];

    public function up(): void
    {
        Schema::table('powders', function (Blueprint $table): void {
            // The core's enum says which there are.
            $table->string('effect', 20)->default('plain')->change();
            $table->string('clear_need', 12)->default('silent');
            $table->boolean('bonded')->nullable();
            $table->boolean('outdoors')->nullable();
            $table->unsignedSmallInteger('supplier_days')->nullable();
            foreach (array_diff(self::OF_A_POWDER, ['clear_need', 'bonded', 'outdoors', 'supplier_days']) as $figure) {
                $table->double($figure)->nullable();
            }
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->double('booth_air_m3_min')->nullable();
            $table->double('booth_face_m_s')->nullable();
            $table->double('powder_reserve')->default(0.10);
            $table->boolean('booth_reclaims')->default(false);
        });
        Schema::table('pins', fn (Blueprint $table) => $table->double('depth_mm')->nullable());
        Schema::table('logbook', fn (Blueprint $table) => $table->index(['kind', 'id'], 'logbook_last'));
        $this->shelf();
        $this->guns();
        $this->sprayings();
        $this->practice();
        foreach (self::RANGES as $table => $holds) {
            DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$table}_ranges CHECK ({$holds})");
        }
    }

    private function shelf(): void
    {
        Schema::create('powder_lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('powder_id')->constrained();
            $table->string('number', 40);
            $table->double('kg');
            $table->date('received_on');
            $table->date('opened_on')->nullable();
            $table->date('best_before_on')->nullable();
            $table->string('place', 60)->nullable();
            $table->double('counted_kg')->nullable();
            $table->dateTime('counted_at', 3)->nullable();
            $table->dateTime('finished_at', 3)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['powder_id', 'finished_at']);
        });
        // What it looks like raw and cured: raw colour misleads.
        Schema::create('powder_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('powder_id')->constrained();
            $table->string('shows', 10);
            $table->string('file', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        // Test panels: baked, looked at in daylight, signed by whoever asked for the look.
        Schema::create('panels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('powder_id')->constrained();
            $table->foreignId('powder_lot_id')->nullable()->constrained();
            $table->string('signed_by', 120);
            $table->double('film_um')->nullable();
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
    }

    private function guns(): void
    {
        Schema::create('guns', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->string('kind', 20);
            $table->string('feed', 20);
            foreach (['tip_slot', 'tip_round', 'tip_deflector', 'tip_cross', 'has_atomising', 'has_ring'] as $has) {
                $table->boolean($has)->default(false);
            }
            $table->double('most_kv');
            $table->double('low_kv')->nullable();
            $table->double('most_ua')->nullable();
            $table->double('flow_g_min')->nullable();
            $table->double('pattern_mm')->nullable();
            $table->double('pattern_at_mm')->nullable();
            $table->dateTime('retired_at', 3)->nullable();
            $table->foreignId('retired_by')->nullable()->constrained('users');
        });
        Schema::create('gun_programs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('gun_id')->constrained();
            $table->unsignedTinyInteger('number');
            $table->string('name', 60);
            $table->double('kv');
            $table->double('ua')->nullable();
            $table->double('air')->default(1.0);
            $table->unique(['gun_id', 'number']);
        });
    }

    private function sprayings(): void
    {
        // Powder weighed out for a coat of a lot, what was set, what came back; its log line says that it is on.
        Schema::create('sprayings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('lot_id')->constrained();
            $table->foreignId('coat_id')->constrained();
            $table->foreignId('powder_id')->constrained();
            $table->foreignId('powder_lot_id')->nullable()->constrained();
            $table->foreignId('gun_id')->nullable()->constrained();
            $table->unsignedTinyInteger('program')->nullable();
            $table->unsignedInteger('pieces');
            $table->string('openness', 10);
            $table->double('weighed_g')->nullable();
            $table->double('back_g')->nullable();
            $table->double('planned_g');
            $table->double('planned_um');
            $table->double('planned_transfer');
            $table->double('planned_minutes');
            $table->double('area_m2');
            $table->double('charge_index');
            $table->double('flow_g_min');
            $table->double('hand_mm_s');
            $table->double('overlap');
            $table->double('minutes')->nullable();
            $table->double('part_c')->nullable();
            $table->double('raw_um')->nullable();
            $table->double('ohm')->nullable();
            $table->double('humidity_pct')->nullable();
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('done_at', 3)->nullable();
            $table->foreignId('done_by')->nullable()->constrained('users');
            $table->dateTime('blown_off_at', 3)->nullable();
            $table->foreignId('blown_off_by')->nullable()->constrained('users');
            $table->string('blown_off_why', 300)->nullable();
            $table->index(['powder_id', 'done_at']);
        });
        // One is under way on a lot at a time.
        DB::statement(
            'ALTER TABLE sprayings ADD COLUMN open_on BIGINT UNSIGNED AS '
                .'(IF(done_at IS NULL AND blown_off_at IS NULL, lot_id, NULL)) STORED,'
                .' ADD UNIQUE KEY sprayings_one_open (open_on)',
        );
        Schema::create('spraying_zones', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spraying_id')->constrained();
            $table->unsignedTinyInteger('place');
            $table->string('zone', 20);
            $table->string('name', 80);
            $table->string('tip', 12);
            foreach (['kv', 'ua', 'air', 'away_mm', 'film_um'] as $figure) {
                $table->double($figure);
            }
            $table->unsignedTinyInteger('passes');
            $table->dateTime('ticked_at', 3)->nullable();
            $table->foreignId('ticked_by')->nullable()->constrained('users');
            $table->unique(['spraying_id', 'zone']);
        });
        Schema::create('spraying_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spraying_id')->constrained();
            $table->string('what', 20);
            $table->foreignId('pin_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
        });
    }

    private function practice(): void
    {
        Schema::create('booth_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('drill', 30);
            $table->binary('film');
            $table->unsignedInteger('strokes')->default(0);
            foreach (['seconds', 'sprayed_g', 'charge_index'] as $figure) {
                $table->double($figure)->default(0);
            }
            $table->unsignedTinyInteger('score')->nullable();
            foreach (['measured_mean_um', 'measured_least_um', 'measured_most_um'] as $figure) {
                $table->double($figure)->nullable();
            }
            $table->dateTime('started_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
            $table->index(['user_id', 'drill']);
        });
    }
};
