<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('customer_id')->constrained();
            $table->string('title', 150);
            $table->text('notes')->nullable();
            $table->date('due_on')->nullable();
            $table->unsignedTinyInteger('station')->default(1);
            $table->enum('status', ['open', 'released', 'declined'])->default('open');
            $table->foreignId('created_by')->constrained('users');
            $table->timestamps();
            $table->index(['status', 'station', 'due_on']);
        });

        Schema::create('parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('name', 120);
            $table->unsignedInteger('count');
            $table->string('metal', 40);
            $table->double('mass_kg');
            $table->double('area_m2');
            $table->double('wall_mm')->nullable();
            $table->double('view_factor')->default(0.8);
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamps();
        });

        // Thick and thin regions of a part; together they are the part.
        Schema::create('sections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->double('mass_kg');
            $table->double('area_m2');
            $table->unique(['part_id', 'name']);
        });

        Schema::create('coats', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->foreignId('powder_id')->constrained();
            $table->enum('role', ['primer', 'base', 'mid', 'clear']);
            $table->enum('bake_to', ['flow', 'full'])->default('full');
            $table->unique(['part_id', 'position']);
        });

        // What happened to a job: never changed, only added to.
        Schema::create('moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->enum('kind', ['taken_in', 'signed', 'sent_on', 'sent_back', 'released', 'declined']);
            $table->unsignedTinyInteger('from_station');
            $table->unsignedTinyInteger('to_station');
            $table->string('note', 500)->nullable();
            $table->dateTime('at', 3)->index();
        });

        DB::statement('ALTER TABLE jobs ADD CONSTRAINT jobs_station CHECK (station BETWEEN 1 AND 10)');
        DB::statement(
            'ALTER TABLE parts ADD CONSTRAINT parts_ranges CHECK (count BETWEEN 1 AND 10000 AND mass_kg > 0 AND '
                .'mass_kg <= 50000 AND area_m2 > 0 AND area_m2 <= 2000 AND view_factor BETWEEN 0 AND 1)',
        );
        DB::statement('ALTER TABLE sections ADD CONSTRAINT sections_ranges CHECK (mass_kg > 0 AND area_m2 > 0)');
        DB::statement(
            'ALTER TABLE moves ADD CONSTRAINT moves_stations CHECK (from_station BETWEEN 1 AND 10 AND to_station '
                .'BETWEEN 1 AND 10)',
        );
    }
};
