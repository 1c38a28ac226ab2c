<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the shop has recorded of its safety equipment; what a license on record covers; what a gun can be set to, in its
 * own unit; how long the compressor may run; what uncured film was read with.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->boolean('light_metal_cabinet')->nullable();
            $table->boolean('gun_interlocked')->nullable();
            $table->boolean('co_alarm')->nullable();
            $table->date('breathing_air_tested_on')->nullable();
            $table->double('compressor_duty')->nullable();
        });
        Schema::table('guns', function (Blueprint $table): void {
            $table->boolean('positive')->default(false);
            $table->string('air_unit', 10)->default('ratio');
            $table->double('air_usual')->nullable();
        });
        Schema::table('gun_programs', function (Blueprint $table): void {
            $table->double('powder_percent')->nullable();
            $table->double('atomising_air')->nullable();
        });
        Schema::table('sprayings', function (Blueprint $table): void {
            $table->string('raw_kind', 12)->nullable();
            $table->double('raw_sd_um')->nullable();
            $table->boolean('respirator')->default(false);
        });
        Schema::table('coats', function (Blueprint $table): void {
            $table->double('edge_m')->nullable();
        });
        DB::statement('ALTER TABLE shops ADD CONSTRAINT shops_duty CHECK '
            .'(compressor_duty IS NULL OR (compressor_duty > 0 AND compressor_duty <= 1))');
        DB::statement('ALTER TABLE guns ADD CONSTRAINT guns_air CHECK (air_usual IS NULL OR air_usual > 0)');
        DB::statement('ALTER TABLE gun_programs ADD CONSTRAINT gun_programs_powder CHECK '
            .'(powder_percent IS NULL OR powder_percent BETWEEN 0 AND 100)');
        DB::statement("ALTER TABLE part_traits MODIFY kind ENUM('on_it','feature','mark','licensed') NOT NULL");
        $this->nameWhatLicensesCover();
    }

    /**
     * Until now a license on record released magnesium as well as lead. It covers what the part has; where it has both,
     * nobody can say which was meant, and the part is held until somebody does.
     */
    private function nameWhatLicensesCover(): void
    {
        $positive = ['lead', 'chromate', 'lead_and_chromate'];
        $licensed = DB::table('parts')->whereNotNull('licence')->where('licence', '!=', '')->get();
        foreach ($licensed as $part) {
            $poisonous = in_array($part->paint_test, $positive, true);
            $word = match (true) {
                $part->metal === 'magnesium' && $poisonous => null,
                $part->metal === 'magnesium' => 'magnesium',
                default => 'lead_chromate',
            };
            if ($word !== null) {
                DB::table('part_traits')->insert(['part_id' => $part->id, 'kind' => 'licensed', 'word' => $word]);
            }
        }
    }
};
