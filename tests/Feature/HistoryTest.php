<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalog\Models\Powder;
use App\Intake\Models\Job;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\History;
use App\Platform\Audit\HistoryWords;
use Illuminate\Support\Facades\DB;

/** The history reads as a person would tell it: names instead of columns, words instead of keys, rounded numbers. */
final class HistoryTest extends DemoTestCase
{
    /** Tables no model writes: nothing of them is on the audit log. */
    private const NOT_AUDITED = [
        'migrations', 'cache', 'cache_locks', 'sessions', 'idempotency_tokens', 'stored_files', 'idempotent_responses',
        'audit_entries', 'words', 'job_words', 'part_facets', 'cure_schedule_rows', 'day_plans', 'planned_steps',
        'live_samples', 'queued_jobs',
    ];

    public function test_every_table_and_column_has_a_name_or_is_left_out_on_purpose(): void
    {
        $missing = [];
        $schema = DB::connection()->getDatabaseName();
        foreach (DB::getSchemaBuilder()->getTableListing($schema, schemaQualified: false) as $table) {
            if (in_array($table, self::NOT_AUDITED, true)) {
                continue;
            }
            $missing[] = isset(HistoryWords::ROWS[$table]) ? null : $table;
            foreach (DB::getSchemaBuilder()->getColumnListing($table) as $column) {
                $named = isset(HistoryWords::COLUMNS[$column]);
                $missing[] = $named === in_array($column, HistoryWords::HIDDEN, true) ? "{$table}.{$column}" : null;
            }
        }
        self::assertSame([], array_values(array_filter($missing)), 'neither named nor left out, or both');
    }

    public function test_no_job_history_shows_a_column_a_key_or_an_unrounded_number(): void
    {
        $pages = 0;
        foreach (Job::query()->where('number', '>=', 1000)->pluck('id') as $job) {
            $html = (string) $this->actingAs($this->mara)->get("/jobs/{$job}/history")->assertOk()->getContent();
            preg_match('~<table.*</table>~s', $html, $table);
            $text = html_entity_decode(strip_tags(str_replace('<', ' <', $table[0])));
            self::assertDoesNotMatchRegularExpression('/\b[a-z0-9]+_[a-z0-9_]+\b/', $text, "job {$job}");
            self::assertDoesNotMatchRegularExpression('/\d\.\d{4,}|\bbytes\b|\{"|\[\d|\bnull\b/', $text, "job {$job}");
            self::assertDoesNotMatchRegularExpression('/\b(true|false)\b/', $text, "job {$job}");
            $pages += AuditEntry::query()->where('job_id', $job)->exists() ? 1 : 0;
        }
        self::assertGreaterThan(15, $pages);
    }

    public function test_values_are_told_in_words_units_and_names(): void
    {
        $powder = Powder::query()->firstOrFail();
        $entry = (new AuditEntry())->forceFill([
            'at' => '2026-11-23 09:00:00.000', 'what' => 'updated', 'row_table' => 'coats',
            'before' => ['powder_id' => $powder->id, 'share' => 0.151234567, 'bake_to' => 'flow', 'position' => 1],
            'after' => ['powder_id' => null, 'share' => 0.2, 'bake_to' => 'full', 'position' => 2],
        ]);
        $changes = array_column(History::of([$entry])[0]['changes'], null, 'label');
        self::assertSame($powder->name, $changes['Powder']['before']);
        self::assertNull($changes['Powder']['after']);
        self::assertSame(['15 %', '20 %'], [
            $changes['Share of the area']['before'], $changes['Share of the area']['after'],
        ]);
        self::assertSame('39.7', $this->one('coats', 'position', '39.66830674253'));
        self::assertSame('40 min', $this->one('part_steps', 'wait_minutes', 39.66830674253));
        self::assertSame('yes', $this->one('powders', 'zinc_rich', 1));
        self::assertSame('Cast iron', $this->one('parts', 'metal', 'cast_iron'));
        self::assertSame('07:30', $this->one('work_hours', 'from_min', 450));
        self::assertSame([], History::of([(new AuditEntry())->forceFill([
            'at' => '2026-11-23 09:00:00.000', 'what' => 'updated', 'row_table' => 'oven_loads',
            'before' => ['snapshot' => null], 'after' => ['snapshot' => '1505 bytes'],
        ])]), 'a change nobody can read is not listed');
    }

    private function one(string $table, string $column, mixed $value): ?string
    {
        $entry = (new AuditEntry())->forceFill([
            'at' => '2026-11-23 09:00:00.000', 'what' => 'updated', 'row_table' => $table,
            'before' => [$column => null], 'after' => [$column => $value],
        ]);

        return History::of([$entry])[0]['changes'][0]['after'] ?? null;
    }
}
