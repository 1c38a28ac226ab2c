<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How many pieces each line of a job's history was about when it was written; whether the infrared gun is used with the
 * oven door open; powders whose data sheet gives no specific gravity; batches of one coat that share a load.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('moves', function (Blueprint $table): void {
            $table->unsignedInteger('pieces')->nullable();
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->boolean('reads_door_open')->nullable();
        });
        DB::statement('ALTER TABLE powders MODIFY specific_gravity double NULL');
        // Two batches of one coat may share a load; the same batch still hangs in it once.
        Schema::table('oven_load_items', function (Blueprint $table): void {
            $table->dropUnique('bake_items_bake_id_coat_id_unique');
        });
    }
};
