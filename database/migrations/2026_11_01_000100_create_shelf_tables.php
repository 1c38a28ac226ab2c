<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('powders', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('maker', 120)->nullable();
            $table->string('lot', 60)->nullable();
            $table->enum('chemistry', ['polyester', 'polyurethane', 'epoxy', 'hybrid', 'acrylic']);
            $table->char('colour', 7)->default('#777777');
            $table->string('finish', 60)->nullable();
            $table->double('specific_gravity');
            $table->double('film_min_um');
            $table->double('film_max_um');
            $table->double('window_c')->nullable();
            $table->double('flow_c')->nullable();
            $table->double('flow_minutes')->nullable();
            $table->boolean('solvent_proof')->default(true);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });

        Schema::create('powder_rows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('powder_id')->constrained()->cascadeOnDelete();
            $table->double('pmt_c');
            $table->double('min_minutes');
            $table->double('max_minutes')->nullable();
            $table->unique(['powder_id', 'pmt_c']);
        });

        Schema::create('ovens', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->json('answers')->nullable();
            $table->double('heater_kw');
            $table->double('band_k');
            $table->double('air_kj_per_k');
            $table->double('shell_kj_per_k');
            $table->double('air_to_shell_w_per_k');
            $table->double('shell_loss_w_per_k');
            $table->double('vent_w_per_k');
            $table->double('door_w_per_k');
            $table->double('convection_w_per_m2k');
            $table->double('max_c');
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });

        DB::statement(
            'ALTER TABLE powders ADD CONSTRAINT powders_film CHECK (film_min_um > 0 AND film_max_um >= '
                .'film_min_um), ADD CONSTRAINT powders_sg CHECK (specific_gravity BETWEEN 0.5 AND 10)',
        );
        DB::statement(
            'ALTER TABLE powder_rows ADD CONSTRAINT powder_rows_minutes CHECK (min_minutes > 0 AND (max_minutes IS '
                .'NULL OR max_minutes >= min_minutes))',
        );
        DB::statement(
            'ALTER TABLE ovens ADD CONSTRAINT ovens_positive CHECK (heater_kw >= 0 AND band_k > 0 AND air_kj_per_k '
                .'> 0 AND shell_kj_per_k > 0)',
        );
    }
};
