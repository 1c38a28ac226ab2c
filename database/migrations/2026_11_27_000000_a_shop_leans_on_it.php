<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Rows that are superseded, not deleted: their name or place is free for the next. */
    private const SUPERSEDED = [
        'coats' => ['position', 'coats_part_id_position_unique'],
        'sections' => ['name', 'sections_part_id_name_unique'],
    ];

    /** What was last: pages ask for it, however long the past is. */
    private const LATELY = [
        'logbook' => [
            'lately' => ['kind', 'withdrawn_at', 'at'],
            'events' => ['kind', 'event', 'subject', 'withdrawn_at', 'id'],
            'subjects' => ['kind', 'subject', 'id'],
        ],
        'parts' => ['like' => ['name']],
        'moves' => ['lately' => ['from_station', 'at']],
        'oven_loads' => ['lately' => ['kind', 'status', 'pulled_at']],
    ];

    public function up(): void
    {
        Schema::create('trail', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at', 3)->index();
            $table->foreignId('user_id')->nullable()->constrained('users');
            $table->string('from_where', 45)->nullable();
            $table->string('row_table', 40);
            $table->unsignedBigInteger('row_id');
            $table->enum('what', ['created', 'updated', 'deleted']);
            $table->json('before')->nullable();
            $table->json('after')->nullable();
            $table->unsignedBigInteger('job_id')->nullable()->index();
            $table->unsignedBigInteger('oven_id')->nullable()->index();
            $table->index(['row_table', 'row_id']);
        });
        foreach (['UPDATE', 'DELETE'] as $what) {
            $name = 'trail_no_'.strtolower($what);
            DB::unprepared("CREATE TRIGGER {$name} BEFORE {$what} ON trail FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The trail is only added to.'");
        }
        $this->piecesFit();
        $this->accounts();
        // Parts that were built from shapes or read from a mesh are few among those that were only weighed.
        DB::statement('ALTER TABLE parts ADD COLUMN is_built TINYINT AS (IF(withdrawn_at IS NULL AND '
            .'(shapes IS NOT NULL OR mesh IS NOT NULL), 1, NULL)) STORED, ADD KEY parts_is_built (is_built, name)');
        foreach (self::LATELY as $table => $indexes) {
            foreach ($indexes as $name => $columns) {
                Schema::table($table, fn (Blueprint $change) => $change->index($columns, "{$table}_{$name}"));
            }
        }
        foreach (self::SUPERSEDED as $table => [$column, $unique]) {
            // The foreign key needs an index that begins with it while the old one goes.
            Schema::table($table, fn (Blueprint $change) => $change->index('part_id', "{$table}_part_id_index"));
            Schema::table($table, fn (Blueprint $change) => $change->dropUnique($unique));
            DB::statement("ALTER TABLE {$table} ADD COLUMN superseded_at DATETIME(3) NULL,"
                .' ADD COLUMN superseded_by BIGINT UNSIGNED NULL,'
                ." ADD CONSTRAINT {$table}_superseded_by_foreign FOREIGN KEY (superseded_by) REFERENCES users (id),"
                .' ADD COLUMN stands TINYINT AS (IF(superseded_at IS NULL, 1, NULL)) STORED,'
                ." ADD UNIQUE KEY {$table}_one_that_stands (part_id, {$column}, stands)");
        }
    }

    /** People who sign on with a PIN at a tablet many use, and come back by a code when they forgot a password. */
    private function accounts(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('pin')->nullable();
            $table->string('code')->nullable();
            $table->dateTime('code_until', 3)->nullable();
        });
        Schema::create('tablets', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->char('mark', 64)->unique();
            $table->foreignId('user_id')->constrained('users');
            $table->dateTime('at', 3);
            $table->dateTime('withdrawn_at', 3)->nullable();
            $table->foreignId('withdrawn_by')->nullable()->constrained('users');
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->unsignedSmallInteger('tablet_minutes')->default(10);
            $table->dateTime('set_up_at', 3)->nullable();
        });
        DB::table('shops')->update(['set_up_at' => DB::raw('created_at')]);
    }

    /** Of a lot no more pieces hang in ovens, or are planned to, than it has. */
    private function piecesFit(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TRIGGER oven_load_items_fit BEFORE INSERT ON oven_load_items FOR EACH ROW
            BEGIN
                DECLARE pieces, hung INT UNSIGNED;
                IF NEW.lot_id IS NOT NULL AND EXISTS (SELECT 1 FROM oven_loads l
                    WHERE l.id = NEW.oven_load_id AND l.status IN ('planned', 'running')) THEN
                    SELECT count INTO pieces FROM lots WHERE id = NEW.lot_id FOR UPDATE;
                    SELECT COALESCE(SUM(i.count), 0) INTO hung FROM oven_load_items i
                        JOIN oven_loads l ON l.id = i.oven_load_id
                        WHERE i.lot_id = NEW.lot_id AND i.out_at IS NULL AND l.status IN ('planned', 'running');
                    IF hung + NEW.count > pieces THEN
                        SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'More pieces hang in ovens than the lot has.';
                    END IF;
                END IF;
            END
            SQL);
    }
};
