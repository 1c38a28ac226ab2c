<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            $table->json('hang')->nullable();
            $table->json('prep')->nullable();
        });
        Schema::table('shops', fn (Blueprint $table) => $table->json('air')->nullable());

        // What was measured or done and is worth remembering: the air, a bath, a blast, a medium, a ground. Only added
        // to.
        Schema::create('logbook', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 20);
            $table->string('subject', 80)->nullable();
            $table->foreignId('part_id')->nullable()->constrained();
            $table->json('figures');
            $table->string('note', 300)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->index(['kind', 'subject', 'at']);
        });

        // A clock somebody must heed: a dwell, a rinse, a wait, bare steel.
        Schema::create('clocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->string('step', 30);
            $table->string('label', 120);
            $table->dateTime('started_at', 3);
            $table->dateTime('due_at', 3);
            $table->dateTime('late_at', 3)->nullable();
            $table->dateTime('done_at', 3)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('done_by')->nullable()->constrained('users');
            $table->index(['done_at', 'due_at']);
        });

        Schema::create('masks', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->enum('kind', ['plug', 'cap', 'disc', 'tape']);
            $table->string('material', 20);
            $table->double('from_mm');
            $table->double('to_mm');
            $table->double('rated_c')->nullable();
            $table->unsignedInteger('held');
            $table->dateTime('retired_at', 3)->nullable();
        });

        // What was put on at a pin, and counted off again.
        Schema::create('fittings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pin_id')->constrained();
            $table->foreignId('mask_id')->nullable()->constrained();
            $table->unsignedInteger('fitted');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->unsignedInteger('removed')->nullable();
            $table->foreignId('removed_by')->nullable()->constrained('users');
            $table->dateTime('removed_at', 3)->nullable();
            $table->dateTime('withdrawn_at', 3)->nullable();
        });

        Schema::create('bake_outs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('oven_id')->constrained();
            $table->enum('status', ['planned', 'running', 'pulled', 'withdrawn']);
            $table->double('target_c');
            $table->double('hold_min');
            $table->double('setpoint_c');
            $table->double('minutes');
            $table->double('door_open_s')->default(60);
            $table->double('ambient_c');
            $table->foreignId('created_by')->constrained('users');
            $table->dateTime('shut_at', 3)->nullable();
            $table->dateTime('pulled_at', 3)->nullable();
            $table->foreignId('pulled_by')->nullable()->constrained('users');
            $table->json('result')->nullable();
        });

        Schema::create('bake_out_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_out_id')->constrained()->cascadeOnDelete();
            $table->foreignId('part_id')->constrained();
            $table->unsignedInteger('count');
            $table->unique(['bake_out_id', 'part_id']);
        });

        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('exercise', 40);
            $table->json('moves');
            $table->unsignedTinyInteger('score')->nullable();
            $table->dateTime('started_at', 3);
            $table->dateTime('ended_at', 3)->nullable();
        });
        DB::statement('ALTER TABLE masks ADD CONSTRAINT masks_sizes CHECK (from_mm > 0 AND to_mm >= from_mm)');
        DB::statement(
            'ALTER TABLE bake_outs ADD CONSTRAINT bake_outs_ranges CHECK (target_c BETWEEN 60 AND 400 AND hold_min '
                .'BETWEEN 1 AND 720 AND minutes > 0)',
        );
    }
};
