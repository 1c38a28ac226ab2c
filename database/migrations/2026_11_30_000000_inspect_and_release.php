<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const RANGES = [
        'faults' => 'pieces BETWEEN 1 AND 10000 AND (x IS NULL OR x BETWEEN 0 AND 1) '
            .'AND (y IS NULL OR y BETWEEN 0 AND 1) AND (size_mm IS NULL OR size_mm > 0)',
        'reworks' => 'minutes >= 0 AND wait_minutes >= 0 AND powder_kg >= 0',
        'masters' => 'lab_l BETWEEN 0 AND 150 AND tolerance > 0',
    ];

    public function up(): void
    {
        Schema::table('powders', function (Blueprint $table): void {
            $table->double('gloss_low')->nullable();
            $table->double('gloss_high')->nullable();
        });
        Schema::table('sprayings', fn (Blueprint $table) => $table->double('raw_read_um')->nullable());
        Schema::table('pictures', fn (Blueprint $table) => $table->string('shows', 10)->default('before'));
        $this->shelf();
        $this->findings();
        $this->faults();
        $this->release();
        foreach (self::RANGES as $table => $holds) {
            DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$table}_ranges CHECK ({$holds})");
        }
    }

    /** A colour to hold pieces against, with what was agreed to be near enough. */
    private function shelf(): void
    {
        Schema::create('masters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('powder_id')->constrained();
            $table->string('name', 80);
            $table->string('place', 60)->nullable();
            foreach (['lab_l', 'lab_a', 'lab_b', 'tolerance'] as $figure) {
                $table->double($figure);
            }
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
    }

    private function findings(): void
    {
        Schema::table('inspections', function (Blueprint $table): void {
            $table->string('way', 12)->nullable();
            $table->string('pressure', 10)->nullable();
            $table->string('place', 60)->nullable();
            $table->string('source', 10)->nullable();
            $numbers = ['nominal_um', 'figure', 'limit_low', 'limit_high', 'lab_l', 'lab_a', 'lab_b'];
            foreach ($numbers as $figure) {
                $table->double($figure)->nullable();
            }
            $table->foreignId('master_id')->nullable()->constrained();
        });
        Schema::table('inspection_readings', fn (Blueprint $table) => $table->string('spot', 40)->nullable());
        // What was looked at, place by place: by whom, and who signs for a face that has to be bare.
        Schema::create('looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained();
            $table->string('what', 20);
            $table->foreignId('pin_id')->nullable()->constrained();
            $table->string('signed_by', 120)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
    }

    private function faults(): void
    {
        Schema::create('faults', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('lot_id')->constrained();
            $table->foreignId('coat_id')->nullable()->constrained();
            $table->string('kind', 20);
            $table->foreignId('picture_id')->nullable()->constrained();
            $table->foreignId('pin_id')->nullable()->constrained();
            $table->double('x')->nullable();
            $table->double('y')->nullable();
            $table->double('size_mm')->nullable();
            $table->unsignedInteger('pieces')->default(1);
            $table->boolean('to_metal')->nullable();
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3)->index();
            $table->string('cause', 20)->nullable();
            $table->foreignId('cause_by')->nullable()->constrained('users');
            $table->dateTime('cause_at', 3)->nullable();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['kind', 'cause']);
        });
        Schema::create('reworks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('lot_id')->constrained();
            $table->foreignId('fault_id')->constrained();
            $table->string('way', 10);
            $table->double('minutes');
            $table->double('wait_minutes');
            $table->double('powder_kg');
            $table->double('money');
            $table->double('film_after_um')->nullable();
            $table->string('agreed_by', 120)->nullable();
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('closed_at', 3)->nullable();
            $table->foreignId('closed_by')->nullable()->constrained('users');
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        Schema::create('rework_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rework_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->string('kind', 30);
            $table->double('minutes');
            $table->double('wait_minutes');
            $table->string('why', 300);
            $table->double('celsius')->nullable();
            $table->double('hold_minutes')->nullable();
            $table->unsignedTinyInteger('coat')->nullable();
            $table->string('agent', 30)->nullable();
            $table->unique(['rework_id', 'position']);
        });
        // A coat laid on some pieces of a part to mend them: it is theirs alone.
        Schema::table('coats', function (Blueprint $table): void {
            $table->foreignId('rework_id')->nullable()->constrained();
        });
        DB::statement('ALTER TABLE coats ADD COLUMN mended_by BIGINT UNSIGNED AS (COALESCE(rework_id, 0)) STORED, '
            .'ADD UNIQUE KEY coats_one_of_each (part_id, position, stands, mended_by), '
            .'DROP INDEX coats_one_that_stands');
    }

    private function release(): void
    {
        // What was handed over, as it was then: never changed, only added to.
        Schema::create('releases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('lot_id')->unique()->constrained();
            $table->longText('document');
            $table->char('digest', 64);
            $table->string('taken_by', 120)->nullable();
            $table->text('signature')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
        });
        Schema::create('supplements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('wording', 1000);
            $table->char('digest', 64);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
        });
        foreach (['releases', 'supplements'] as $table) {
            foreach (['UPDATE', 'DELETE'] as $what) {
                $name = "{$table}_no_".strtolower($what);
                DB::unprepared("CREATE TRIGGER {$name} BEFORE {$what} ON {$table} FOR EACH ROW "
                    ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was released is only added to.'");
            }
        }
        Schema::create('record_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->char('mark', 64)->unique();
            $table->string('unit_system', 10)->default('metric');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->unsignedInteger('opened')->default(0);
            $table->dateTime('opened_at', 3)->nullable();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
    }
};
