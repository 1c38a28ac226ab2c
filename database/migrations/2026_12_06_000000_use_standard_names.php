<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Renames tables and columns to standard terms; every row is kept, and the audit log's entries follow the names. */
return new class extends Migration
{
    private const TABLES = [
        'lots' => 'batches',
        'moves' => 'batch_events',
        'clocks' => 'step_timers',
        'step_marks' => 'step_completions',
        'looks' => 'inspection_checks',
        'faults' => 'defects',
        'fittings' => 'mask_applications',
        'masters' => 'color_standards',
        'powder_rows' => 'cure_schedule_rows',
        'house_ways' => 'shop_policies',
        'part_ways' => 'part_policies',
        'wishes' => 'scheduling_preferences',
        'trail' => 'audit_entries',
        'spent_tokens' => 'idempotency_tokens',
        'door_answers' => 'idempotent_responses',
    ];

    /** By table as it is called now. */
    private const COLUMNS = [
        'batches' => ['from_lot_id' => 'from_batch_id', 'fate' => 'status'],
        'batch_events' => ['lot_id' => 'batch_id'],
        'step_timers' => ['lot_id' => 'batch_id'],
        'step_completions' => ['lot_id' => 'batch_id'],
        'inspection_checks' => ['lot_id' => 'batch_id'],
        'defects' => ['lot_id' => 'batch_id'],
        'mask_applications' => ['lot_id' => 'batch_id'],
        'scheduling_preferences' => ['lot_id' => 'batch_id'],
        'inspections' => ['lot_id' => 'batch_id', 'master_id' => 'color_standard_id'],
        'logbook' => ['lot_id' => 'batch_id'],
        'oven_load_items' => ['lot_id' => 'batch_id'],
        'oven_results' => ['lot_id' => 'batch_id'],
        'planned_steps' => ['lot_id' => 'batch_id'],
        'releases' => ['lot_id' => 'batch_id'],
        'reworks' => ['lot_id' => 'batch_id', 'fault_id' => 'defect_id'],
        'sprayings' => ['lot_id' => 'batch_id', 'hand_mm_s' => 'gun_speed_mm_s'],
        'spraying_zones' => ['away_mm' => 'gun_distance_mm'],
        'oven_loads' => ['frozen' => 'snapshot', 'rides_with' => 'host_load_id'],
        'ovens' => ['lesson' => 'calibration'],
    ];

    public function up(): void
    {
        foreach (['oven_load_items_fit', 'trail_no_update', 'trail_no_delete'] as $trigger) {
            DB::unprepared("DROP TRIGGER {$trigger}");
        }
        foreach (self::TABLES as $from => $to) {
            Schema::rename($from, $to);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $from => $to) {
                DB::statement("ALTER TABLE {$table} RENAME COLUMN {$from} TO {$to}");
            }
        }
        $this->limitItemsToTheirBatch();
        $this->renameInAuditLog();
        foreach (['update', 'delete'] as $change) {
            DB::unprepared("CREATE TRIGGER audit_entries_no_{$change} BEFORE {$change} ON audit_entries FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The audit log is append-only.'");
        }
        DB::table('device_tokens')->update(['tokenable_type' => 'user']);
    }

    private function limitItemsToTheirBatch(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TRIGGER oven_load_items_fit BEFORE INSERT ON oven_load_items FOR EACH ROW
            BEGIN
                DECLARE pieces, hung INT UNSIGNED;
                IF NEW.batch_id IS NOT NULL AND EXISTS (SELECT 1 FROM oven_loads l
                    WHERE l.id = NEW.oven_load_id AND l.status IN ('planned', 'running')) THEN
                    SELECT count INTO pieces FROM batches WHERE id = NEW.batch_id FOR UPDATE;
                    SELECT COALESCE(SUM(i.count), 0) INTO hung FROM oven_load_items i
                        JOIN oven_loads l ON l.id = i.oven_load_id
                        WHERE i.batch_id = NEW.batch_id AND i.out_at IS NULL AND l.status IN ('planned', 'running');
                    IF hung + NEW.count > pieces THEN
                        SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'More pieces hang in ovens than the batch has.';
                    END IF;
                END IF;
            END
            SQL);
    }

    /** An entry names its row's table, and holds what changed as JSON by column. */
    private function renameInAuditLog(): void
    {
        foreach (self::TABLES as $from => $to) {
            DB::table('audit_entries')->where('row_table', $from)->update(['row_table' => $to]);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $from => $to) {
                foreach (['before', 'after'] as $side) {
                    // A quote inside a value is escaped in JSON, so this can only be a key.
                    DB::table('audit_entries')->where('row_table', $table)->where($side, 'like', "%\"{$from}\":%")
                        ->update([$side => DB::raw("REPLACE(`{$side}`, '\"{$from}\":', '\"{$to}\":')")]);
                }
            }
        }
    }
};
