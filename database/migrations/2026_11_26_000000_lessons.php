<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('ovens', fn (Blueprint $table) => $table->text('lesson')->nullable());
        Schema::table('oven_loads', function (Blueprint $table): void {
            $table->foreignId('rides_with')->nullable()->constrained('oven_loads');
            $table->dateTime('timer_out_at', 3)->nullable();
        });
        $this->oneRunning("status = 'running' AND rides_with IS NULL");
    }

    public function down(): void
    {
        $this->oneRunning("status = 'running'");
        Schema::table('oven_loads', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('rides_with');
            $table->dropColumn('timer_out_at');
        });
        Schema::table('ovens', fn (Blueprint $table) => $table->dropColumn('lesson'));
    }

    /** Which loads count as the one that runs in their oven. */
    private function oneRunning(string $which): void
    {
        Schema::table('oven_loads', fn (Blueprint $table) => $table->dropUnique('oven_loads_one_running'));
        Schema::table('oven_loads', fn (Blueprint $table) => $table->dropColumn('running_in'));
        DB::statement(
            "ALTER TABLE oven_loads ADD COLUMN running_in BIGINT UNSIGNED AS (IF({$which}, oven_id, NULL)) STORED,"
                .' ADD UNIQUE KEY oven_loads_one_running (running_in)',
        );
    }
};
