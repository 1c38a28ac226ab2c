<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('words', function (Blueprint $table): void {
            $table->id();
            $table->string('word', 40)->charset('ascii')->collation('ascii_bin')->unique();
        });
        Schema::create('job_words', function (Blueprint $table): void {
            $table->foreignId('word_id')->constrained()->cascadeOnDelete();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->primary(['word_id', 'job_id']);
            $table->index('job_id');
        });
    }
};
