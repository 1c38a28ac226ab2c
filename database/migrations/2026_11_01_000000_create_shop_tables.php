<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 100);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->enum('role', ['owner', 'finisher', 'viewer']);
            $table->enum('unit_system', ['metric', 'us'])->default('metric');
            $table->enum('theme', ['system', 'light', 'dark'])->default('system');
            $table->boolean('active')->default(true);
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });

        // A form carries a token; the first request that spends it wins.
        Schema::create('spent_tokens', function (Blueprint $table): void {
            $table->char('token', 36)->primary();
            $table->foreignId('user_id')->constrained();
            $table->string('leads_to', 500)->nullable();
            $table->timestamp('created_at')->useCurrent()->index();
        });

        // One row: the shop and its house ways.
        Schema::create('shops', function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->string('name', 100);
            $table->string('timezone', 64);
            $table->string('currency', 8);
            $table->decimal('kwh_price', 8, 4);
            $table->decimal('ambient_c', 5, 2)->default(20);
            $table->enum('clock_way', ['window', 'dose', 'timed'])->default('window');
            $table->decimal('margin', 4, 3)->default(0.1);
            $table->decimal('overbake_limit', 4, 3)->default(0.85);
            $table->integer('clock_ahead_s')->default(0);
            $table->timestamps();
        });

        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 150)->unique();
            $table->string('contact', 200)->nullable();
            $table->timestamps();
        });

        DB::statement(
            'ALTER TABLE shops ADD CONSTRAINT shops_one CHECK (id = 1), ADD CONSTRAINT shops_margin CHECK (margin '
                .'BETWEEN 0 AND 2), ADD CONSTRAINT shops_limit CHECK (overbake_limit > 0)',
        );
    }
};
