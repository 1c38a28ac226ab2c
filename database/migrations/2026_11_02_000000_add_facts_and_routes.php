<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->enum('lives', ['indoors', 'outdoors', 'coast', 'chemicals'])->default('indoors');
        });
        Schema::table('parts', function (Blueprint $table): void {
            // What was found at the counter, and the route where a person has changed it.
            $table->json('facts')->nullable();
            $table->json('route')->nullable();
        });
        Schema::table('powders', function (Blueprint $table): void {
            $table->enum('effect', ['plain', 'metallic', 'bright'])->default('plain');
            $table->boolean('zinc_rich')->default(false);
            $table->boolean('gas_tolerant')->default(false);
            $table->boolean('conductive')->default(false);
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('house')->nullable();
            $table->json('equipment')->nullable();
            $table->decimal('humidity_pct', 5, 2)->default(50);
        });

        // A name put under a rule: what was agreed, in the words that were shown.
        Schema::create('signatures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->string('rule', 60);
            $table->string('wording', 500);
            $table->string('signed_by', 120);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            $table->index(['part_id', 'rule', 'withdrawn_at']);
        });
    }
};
