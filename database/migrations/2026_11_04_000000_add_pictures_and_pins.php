<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('parts', fn (Blueprint $table) => $table->json('mesh')->nullable());
        Schema::table('shops', fn (Blueprint $table) => $table->json('prices')->nullable());

        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->string('file', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
        });

        // A place on a part's drawing, or on one of its photos. Numbers are given once and never again.
        Schema::create('pins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('picture_id')->nullable()->constrained();
            $table->unsignedSmallInteger('number');
            $table->string('kind', 20);
            $table->double('x');
            $table->double('y');
            $table->double('size_mm')->nullable();
            $table->unsignedSmallInteger('places')->default(1);
            $table->boolean('is_stud')->default(false);
            $table->boolean('must_stay_bare')->default(false);
            $table->string('note', 300)->nullable();
            $table->string('bare_signed_by', 120)->nullable();
            $table->dateTime('bare_signed_at', 3)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->unique(['part_id', 'number']);
        });

        // What was taken off a part, counted in and counted back.
        Schema::create('bags', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->string('name', 60);
            $table->string('holds', 200);
            $table->unsignedInteger('count');
            $table->unsignedInteger('counted_back')->nullable();
            $table->foreignId('counted_by')->nullable()->constrained('users');
            $table->dateTime('counted_at', 3)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
        });
        DB::statement(
            'ALTER TABLE pins ADD CONSTRAINT pins_ranges CHECK (x BETWEEN 0 AND 1 AND y BETWEEN 0 AND 1 AND places '
                .'BETWEEN 1 AND 500 AND (size_mm IS NULL OR size_mm > 0))',
        );
        DB::statement('ALTER TABLE bags ADD CONSTRAINT bags_ranges CHECK (count BETWEEN 1 AND 10000)');
    }
};
