<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a running load is to be pulled, kept with the load: board, header and bake page show one time. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('oven_loads', function (Blueprint $table): void {
            $table->dateTime('expected_pull_at', 3)->nullable();
        });
    }
};
