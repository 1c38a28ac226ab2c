<?php

declare(strict_types=1);

namespace App\Support;

use Aenum\Core\Unit\Dimension;
use App\Models\TrailLine;
use Carbon\CarbonImmutable;

/** A line of the trail as a person reads it, in their units and the shop's time. */
final class TrailWords
{
    private const ROWS = [
        'oven_load_items' => 'hung in an oven', 'oven_loads' => 'oven load', 'oven_events' => 'oven event',
        'oven_results' => 'result of a bake', 'oven_logs' => 'logger file', 'logbook' => 'logbook',
        'logbook_figures' => 'logbook figure', 'part_traits' => 'fact of a part', 'part_steps' => 'step of a route',
        'part_ways' => 'way of a part', 'step_marks' => 'step', 'users' => 'person', 'shops' => 'house ways',
        'clocks' => 'clock', 'inspection_readings' => 'film reading',
        'spraying_zones' => 'zone of a spraying', 'spraying_checks' => 'look at raw powder',
        'powder_lots' => 'lot of powder', 'powder_pictures' => 'picture of a powder', 'panels' => 'test panel',
        'gun_programs' => 'program of a gun', 'booth_runs' => 'go in the practice booth',
        'rework_steps' => 'step of mending', 'reworks' => 'mending', 'looks' => 'look',
        'masters' => 'master of a colour',
        'work_hours' => 'hours', 'user_stations' => 'station of a person', 'absences' => 'absence',
        'wishes' => 'wish of the plan', 'calendar_feeds' => 'address of a calendar', 'benches' => 'bench',
        'quotes' => 'quote', 'quote_lines' => 'line of a quote', 'quote_policies' => 'policy of quoting',
        'device_tokens' => 'device', 'weights' => 'weight of a scale',
        'record_links' => 'address of a record', 'supplements' => 'supplement to a record', 'releases' => 'hand-over',
    ];

    private const DONE = ['created' => 'written down', 'updated' => 'changed', 'deleted' => 'taken away'];

    /** The unit a column is kept in, by how its name ends. */
    private const ENDS = [
        '_c' => Dimension::Temperature,
        '_kg' => Dimension::Mass,
        '_m2' => Dimension::Area,
        '_mm' => Dimension::Length,
        '_um' => Dimension::Film,
        '_bar' => Dimension::Pressure,
        '_g' => Dimension::Powder,
    ];

    /**
     * @return array{when: string, who: string, from: ?string, what: string, isNew: bool,
     *      changes: list<array{label: string, before: ?string, after: ?string}>}
     */
    public static function line(TrailLine $line): array
    {
        $row = self::ROWS[$line->row_table]
            ?? str_replace('_', ' ', (string) preg_replace('/s$/', '', $line->row_table));
        $changes = [];
        foreach (array_keys(($line->after ?? []) + ($line->before ?? [])) as $column) {
            // What it belongs to is said by the page it is on; who and when by the line itself.
            if ($line->what !== 'updated' && preg_match('/_(id|by)$|^at$/', (string) $column) === 1) {
                continue;
            }
            $before = self::value((string) $column, $line->before[$column] ?? null);
            $after = self::value((string) $column, $line->after[$column] ?? null);
            if ($before !== $after) {
                $changes[] = ['label' => self::label((string) $column), 'before' => $before, 'after' => $after];
            }
        }

        return [
            'when' => ShopClock::local($line->at)->format('j M Y H:i:s'),
            'who' => $line->user->name ?? 'Aenum itself',
            'from' => self::from($line),
            'what' => "{$row} ".self::DONE[$line->what],
            'isNew' => $line->what === 'created',
            'changes' => $changes,
        ];
    }

    /** From where it came, and how long it had waited for the network. */
    private static function from(TrailLine $line): ?string
    {
        $waited = $line->waited_s === null ? null : 'told '.Units::minutes($line->waited_s / 60).' later';
        $said = array_filter([$line->from_where, $waited]);

        return $said === [] ? null : implode(', ', $said);
    }

    private static function label(string $column): string
    {
        foreach (array_keys(self::ENDS) as $end) {
            if (str_ends_with($column, $end)) {
                $column = substr($column, 0, -strlen($end));
            }
        }

        return str_replace('_', ' ', (string) preg_replace('/_id$/', ' number in the books', $column));
    }

    private static function value(string $column, mixed $value): ?string
    {
        if ($value === null || $value === '') {
            return null;
        }
        if (is_array($value) || is_bool($value)) {
            return json_encode($value, JSON_UNESCAPED_UNICODE) ?: null;
        }
        $text = is_scalar($value) ? (string) $value : '';
        foreach (self::ENDS as $end => $dimension) {
            if (str_ends_with($column, $end) && is_numeric($text)) {
                return Units::current()->show($dimension, (float) $text);
            }
        }
        if (str_ends_with($column, '_on')) {
            return CarbonImmutable::parse($text, 'UTC')->format('j M Y');
        }
        if (preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d/', $text) === 1) {
            return ShopClock::local(CarbonImmutable::parse($text, 'UTC'))->format('j M Y H:i:s');
        }

        return $text;
    }
}
