<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Hours, benches and people of a day; its plan; what is wished of it; and the calendars that read it. */
return new class extends Migration
{
    /** What no row may break, whatever writes it. */
    private const RANGES = [
        'work_hours' => 'weekday BETWEEN 1 AND 7 AND from_min >= 0 AND to_min > from_min AND to_min <= 1440',
        'absences' => 'to_at > from_at',
        'wishes' => "kind IN ('first', 'not_before', 'by')",
        'calendar_feeds' => "kind IN ('person', 'oven', 'shop')",
        'quotes' => "state IN ('open', 'accepted', 'declined') AND total >= 0",
        'quote_lines' => 'minutes >= 0 AND money >= 0 AND (actual_min IS NULL OR actual_min > 0)',
        'quote_policies' => "way IN ('off', 'refuse', 'at') AND (figure IS NULL OR figure >= 0)",
    ];

    /** A shop that says nothing works on weekdays, with an hour at noon. House figures. */
    private const USUAL_HOURS = [[450, 720], [780, 1020]];

    private const USUAL_BENCHES = [
        'intake' => ['Intake table'],
        'strip' => ['Strip bench'],
        'blast' => ['Blast'],
        'bake-out' => ['Bake-out bench'],
        'wash' => ['Wash line'],
        'mask-and-hang' => ['Mask bench 1', 'Mask bench 2'],
        'coat' => ['Booth'],
        'cure' => ['Oven side'],
        'inspect' => ['Inspection bench'],
        'release' => ['Packing bench'],
    ];

    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->boolean('ovens_overnight')->default(false);
            $table->unsignedSmallInteger('racks')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->string('clock', 2)->default('24');
        });
        $this->hours();
        $this->plans();
        Schema::create('wishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained();
            $table->string('kind', 12);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->date('not_before')->nullable();
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 10);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->foreignId('oven_id')->nullable()->constrained();
            $table->char('mark', 64)->unique();
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('at', 3);
            $table->unsignedInteger('opened')->default(0);
            $table->dateTime('opened_at', 3)->nullable();
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        $this->quotes();
        foreach (self::RANGES as $table => $holds) {
            DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$table}_ranges CHECK ({$holds})");
        }
    }

    private function hours(): void
    {
        Schema::create('benches', function (Blueprint $table): void {
            $table->id();
            $table->string('station', 20);
            $table->string('name', 60);
            $table->dateTime('retired_at', 3)->nullable();
        });
        Schema::create('work_hours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->unsignedTinyInteger('weekday');
            $table->unsignedSmallInteger('from_min');
            $table->unsignedSmallInteger('to_min');
        });
        Schema::create('user_stations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('station', 20);
            $table->unique(['user_id', 'station']);
        });
        Schema::create('absences', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->dateTime('from_at', 3);
            $table->dateTime('to_at', 3);
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        foreach (range(1, 5) as $weekday) {
            foreach (self::USUAL_HOURS as [$from, $to]) {
                DB::table('work_hours')->insert(['weekday' => $weekday, 'from_min' => $from, 'to_min' => $to]);
            }
        }
        foreach (self::USUAL_BENCHES as $station => $names) {
            foreach ($names as $name) {
                DB::table('benches')->insert(['station' => $station, 'name' => $name]);
            }
        }
    }

    private function quotes(): void
    {
        Schema::create('quote_policies', function (Blueprint $table): void {
            $table->id();
            $table->string('policy', 20)->unique();
            $table->string('way', 8);
            $table->double('figure')->nullable();
        });
        Schema::create('quotes', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('state', 10)->default('open');
            $table->double('total');
            $table->double('set_price')->nullable();
            $table->double('deposit');
            $table->string('currency', 8);
            $table->date('valid_until');
            $table->json('says');
            $table->foreignId('made_by')->constrained('users');
            $table->dateTime('at', 3);
            $table->string('answered_by', 120)->nullable();
            $table->dateTime('answered_at', 3)->nullable();
        });
        Schema::create('quote_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('quote_id')->constrained();
            $table->foreignId('part_id')->constrained();
            $table->string('kind', 12);
            $table->double('minutes');
            $table->double('planned_min');
            $table->double('hands');
            $table->double('material');
            $table->double('money');
            $table->json('rests');
            $table->double('actual_min')->nullable();
            $table->foreignId('actual_by')->nullable()->constrained('users');
            $table->dateTime('actual_at', 3)->nullable();
        });
    }

    private function plans(): void
    {
        Schema::create('day_plans', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('made_at', 3);
            $table->char('mark', 64);
            $table->unsignedBigInteger('trail_to')->default(0);
            $table->double('late_min');
            $table->double('bound_min');
            $table->double('change_min');
            $table->json('says')->nullable();
        });
        Schema::create('planned_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('day_plan_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lot_id')->constrained();
            $table->unsignedSmallInteger('load')->default(1);
            $table->unsignedSmallInteger('loads')->default(1);
            $table->string('step', 40);
            $table->string('name', 200);
            $table->string('station', 20);
            $table->foreignId('bench_id')->nullable()->constrained();
            $table->foreignId('oven_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('colour', 120)->nullable();
            $table->string('family', 60)->nullable();
            $table->dateTime('from_at', 3);
            $table->dateTime('to_at', 3);
            $table->double('hands_min');
            $table->boolean('begun')->default(false);
            $table->index(['day_plan_id', 'from_at']);
        });
    }
};
