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

    /** Parts nobody has weighed keep the least figures there can be, so that no row is lost. */
    public function down(): void
    {
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('prefer'));
        Schema::table('readings', fn (Blueprint $table) => $table->dropColumn(['door_open', 'bare', 'display_c']));
        Schema::drop('part_facets');
        Schema::drop('part_ways');
        DB::statement('ALTER TABLE coats DROP CONSTRAINT coats_share');
        DB::table('coats')->where('bake_to', 'part')->update(['bake_to' => 'flow']);
        Schema::table('coats', function (Blueprint $table): void {
            $table->dropColumn(['zone', 'share']);
            $table->enum('bake_to', ['flow', 'full'])->default('full')->change();
        });
        DB::table('parts')->whereNull('mass_kg')->update(['mass_kg' => 0.001]);
        DB::table('parts')->whereNull('area_m2')->update(['area_m2' => 0.001]);
        Schema::table('parts', function (Blueprint $table): void {
            $table->double('mass_kg')->nullable(false)->change();
            $table->double('area_m2')->nullable(false)->change();
            $table->dropColumn(['outside_only', 'joint', 'joint_many', 'joint_thick_mm', 'joint_long_mm']);
        });
    }
};
