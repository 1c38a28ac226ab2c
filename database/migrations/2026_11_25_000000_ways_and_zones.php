<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A part goes its own way where it must, is weighed when it can be, and a coat says where on it it goes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            $table->double('mass_kg')->nullable()->change();
            $table->double('area_m2')->nullable()->change();
            $table->boolean('outside_only')->default(false);
            $table->string('joint', 10)->nullable();
            $table->unsignedSmallInteger('joint_many')->nullable();
            $table->double('joint_thick_mm')->nullable();
            $table->double('joint_long_mm')->nullable();
        });
        Schema::table('coats', function (Blueprint $table): void {
            $table->string('bake_to', 10)->default('full')->change();
            $table->string('zone', 40)->nullable();
            $table->double('share')->default(1);
        });
        Schema::table('shops', fn (Blueprint $table) => $table->string('prefer', 10)->default('widest'));
        Schema::table('readings', function (Blueprint $table): void {
            $table->boolean('door_open')->default(false);
            $table->boolean('bare')->default(false);
            $table->double('display_c')->nullable();
        });
        Schema::create('part_ways', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->string('question', 30);
            $table->string('way', 30);
            $table->unique(['part_id', 'question']);
        });
        Schema::create('part_facets', function (Blueprint $table): void {
            $table->foreignId('part_id')->primary()->constrained();
            $table->binary('facets');
        });
        DB::statement('ALTER TABLE part_facets MODIFY facets MEDIUMBLOB NOT NULL');
        DB::statement('ALTER TABLE coats ADD CONSTRAINT coats_share CHECK (share > 0 AND share <= 1)');
    }
};
