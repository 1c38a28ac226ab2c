<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What more than one machine shares (what was worked out, who holds what, photos), and what devices bring. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key', 190)->primary();
            $table->rawColumn('value', 'mediumblob not null');
            $table->integer('expiration')->index();
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key', 190)->primary();
            $table->string('owner', 190);
            $table->integer('expiration')->index();
        });
        Schema::create('stored_files', function (Blueprint $table): void {
            $table->string('path', 190)->primary();
            $table->rawColumn('bytes', 'longblob not null');
            $table->dateTime('at', 3);
        });
        Schema::create('device_tokens', function (Blueprint $table): void {
            $table->id();
            $table->string('tokenable_type', 60);
            $table->foreignId('tokenable_id')->constrained('users');
            $table->string('name', 60);
            $table->string('token', 64)->unique();
            $table->json('abilities');
            $table->dateTime('last_used_at', 3)->nullable();
            $table->dateTime('expires_at', 3)->nullable();
            $table->dateTime('created_at', 3);
            $table->dateTime('updated_at', 3);
        });
        Schema::create('door_answers', function (Blueprint $table): void {
            $table->foreignId('token_id')->constrained('device_tokens')->cascadeOnDelete();
            $table->string('key', 64)->collation('utf8mb4_bin');
            $table->char('asked', 64);
            $table->unsignedSmallInteger('status')->nullable();
            $table->text('body')->nullable();
            $table->dateTime('at', 3)->index();
            $table->primary(['token_id', 'key']);
        });
        Schema::create('weights', function (Blueprint $table): void {
            $table->id();
            $table->string('scale', 60);
            $table->double('grams');
            $table->dateTime('at', 3)->index();
            $table->foreignId('user_id')->constrained('users');
        });
        Schema::create('live_samples', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('oven_load_id')->constrained('oven_loads');
            $table->string('logger', 60);
            $table->string('channel', 120);
            // One of a couple each few seconds is enough.
            $table->unsignedInteger('slot');
            $table->dateTime('at', 3);
            $table->double('celsius');
            $table->foreignId('user_id')->constrained('users');
            $table->unique(['oven_load_id', 'logger', 'channel', 'slot'], 'live_samples_once');
        });
        Schema::table('readings', function (Blueprint $table): void {
            $table->enum('source', ['typed', 'stand_in', 'device'])->change();
        });
        // Something done while there was no network, and told later: how much later, s.
        Schema::table('trail', fn (Blueprint $table) => $table->unsignedInteger('waited_s')->nullable());
    }
};
