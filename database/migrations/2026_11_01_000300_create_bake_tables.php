<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bakes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('oven_id')->constrained();
            $table
                ->enum('status', ['planned', 'running', 'pulled', 'withdrawn'])
                ->default('planned')
                ->index();
            $table->double('setpoint_c');
            $table->double('minutes');
            $table->double('door_open_s');
            $table->double('ambient_c');
            // Air and shell when the door opens on a warm or cold oven; null means at setpoint and settled.
            $table->double('start_c')->nullable();
            $table->enum('way', ['window', 'dose', 'timed']);
            $table->double('margin');
            $table->double('overbake_limit');
            $table->dateTime('shut_at', 3)->nullable();
            $table->dateTime('pulled_at', 3)->nullable();
            $table->foreignId('created_by')->constrained('users');
            $table->foreignId('shut_by')->nullable()->constrained('users');
            $table->foreignId('pulled_by')->nullable()->constrained('users');
            $table->timestamps();
        });

        Schema::create('bake_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained();
            $table->foreignId('coat_id')->constrained();
            $table->unsignedInteger('count');
            $table->unique(['bake_id', 'coat_id']);
        });

        Schema::create('bake_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained();
            $table->enum('kind', ['door', 'setpoint', 'power_lost', 'power_back']);
            $table->dateTime('at', 3);
            // Seconds open for a door, °C for a setpoint.
            $table->double('value')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['bake_id', 'at']);
        });

        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained();
            $table->foreignId('bake_item_id')->constrained();
            $table->foreignId('section_id')->nullable()->constrained();
            $table->dateTime('at', 3);
            $table->double('shown_c');
            $table->double('set_emissivity');
            $table->double('celsius');
            $table->enum('source', ['typed', 'stand_in']);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['bake_id', 'at']);
        });

        // What a pulled bake did to every layer of every part: written once, at the pull.
        Schema::create('bake_results', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained();
            $table->foreignId('bake_item_id')->constrained();
            $table->foreignId('coat_id')->constrained();
            $table->foreignId('section_id')->nullable()->constrained();
            $table->double('dose');
            $table->double('overbake')->nullable();
            $table->double('window_minutes');
            $table->double('reaches_minutes')->nullable();
            $table->double('row_served_c')->nullable();
            $table->double('peak_c');
            $table->double('metal_minutes');
            $table->boolean('fresh');
            $table->enum('state', ['raw', 'flowed', 'part_cured', 'cured', 'overbaked']);
            $table->double('handle_minutes');
            $table->index(['coat_id', 'section_id']);
        });

        Schema::create('inspections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('coat_id')->constrained();
            $table->enum('kind', ['solvent_rub', 'film']);
            $table->json('findings');
            $table->enum('verdict', ['pass', 'fail', 'not_judged']);
            $table->string('note', 500)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->foreignId('superseded_by')->nullable()->constrained('inspections');
            $table->index(['coat_id', 'kind', 'superseded_by']);
        });

        DB::statement(
            'ALTER TABLE bakes ADD CONSTRAINT bakes_clock CHECK (pulled_at IS NULL OR (shut_at IS NOT NULL AND '
                .'pulled_at >= shut_at)), ADD CONSTRAINT bakes_running CHECK (status NOT IN (\'running\', '
                .'\'pulled\') OR shut_at IS NOT NULL), ADD CONSTRAINT bakes_minutes CHECK (minutes > 0 AND minutes '
                .'<= 10080)',
        );
        DB::statement('ALTER TABLE bake_items ADD CONSTRAINT bake_items_count CHECK (count >= 1)');
        DB::statement(
            'ALTER TABLE readings ADD CONSTRAINT readings_range CHECK (celsius BETWEEN -40 AND 700 AND '
                .'set_emissivity > 0 AND set_emissivity <= 1)',
        );
    }
};
