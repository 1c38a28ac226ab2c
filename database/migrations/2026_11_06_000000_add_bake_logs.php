<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A logger that went through a bake: each column's curve, and what it sat in.
        Schema::create('bake_logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained();
            $table->string('name', 120);
            $table->json('columns');
            $table->double('begins_min');
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
        });
    }
};
