<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\LicensedHazard;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\SafetyRole;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use Aenum\Core\Units\Dimension;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\EnumLabels;
use App\Platform\Presentation\Units;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Presents audit entries to a person: labels, words, units, the shop's time. */
final class History
{
    /** The unit a column is kept in, by how its name ends. */
    private const ENDS = [
        '_c' => Dimension::Temperature, '_kg' => Dimension::Mass, '_m2' => Dimension::Area,
        '_mm' => Dimension::Length, '_um' => Dimension::Film, '_bar' => Dimension::Pressure, '_g' => Dimension::Powder,
    ];

    /** Columns that name a row of another table: their pattern, that table, and the column shown of it. */
    private const NAMES = [
        '/^customer_id$/' => ['customers', 'name'], '/^powder_id$/' => ['powders', 'name'],
        '/^powder_lot_id$/' => ['powder_lots', 'number'], '/^oven_id$/' => ['ovens', 'name'],
        '/^gun_id$/' => ['guns', 'name'], '/^mask_id$/' => ['masks', 'name'], '/^bench_id$/' => ['benches', 'name'],
        '/^part_id$/' => ['parts', 'name'], '/^batch_id$/' => ['batches', 'name'],
        '/^coat_id$/' => ['coats', 'position'],
        '/^user_id$|_by$/' => ['users', 'name'],
    ];

    /** Columns kept as a word of the core: the enums to look it up in. */
    private const ENUMS = [
        'made' => [Fabrication::class], 'duty' => [SafetyRole::class], 'alloy' => [Alloy::class],
        'paint_test' => [PaintTest::class],
        'lives' => [ServiceEnvironment::class], 'word' => [
            ArrivalCondition::class,
            Feature::class,
            PartFlag::class,
            LicensedHazard::class,
        ],
        'bake_to' => [BakeTo::class],
        'role' => [Role::class], 'effect' => [Effect::class], 'outcome' => [StepOutcome::class],
    ];

    private const DONE = ['created' => 'added', 'updated' => 'changed', 'deleted' => 'removed'];

    /** @param  array<string, array<array-key, scalar|null>>  $names  table => id => name */
    private function __construct(private readonly array $names)
    {
    }

    /**
     * Returns the entries that say something to a reader, in the order given; an update of hidden columns says nothing.
     *
     * @param  array<int, AuditEntry>  $entries
     * @return list<array{when: string, who: string, from: ?string, what: string, isNew: bool,
     *      changes: list<array{label: string, before: ?string, after: ?string}>}>
     */
    public static function of(array $entries): array
    {
        $history = new self(self::namesIn($entries));
        $lines = array_map($history->line(...), $entries);

        return array_values(array_filter(
            $lines,
            fn (array $line): bool => $line['changes'] !== [] || ! $line['isUpdate'],
        ));
    }

    /**
     * @return array{when: string, who: string, from: ?string, what: string, isNew: bool, isUpdate: bool,
     *      changes: list<array{label: string, before: ?string, after: ?string}>}
     */
    private function line(AuditEntry $entry): array
    {
        $changes = [];
        foreach (array_keys(($entry->after ?? []) + ($entry->before ?? [])) as $column) {
            $label = HistoryWords::COLUMNS[$column] ?? null;
            // The entry shows who and when, its page what it belongs to.
            $isTold = preg_match('/^(user_id|created_by|at|part_id|batch_id)$/', (string) $column) === 1;
            if ($label === null || ($isTold && $entry->what !== 'updated')) {
                continue;
            }
            $before = $this->value($entry->row_table, (string) $column, $entry->before ?? []);
            $after = $this->value($entry->row_table, (string) $column, $entry->after ?? []);
            if ($before !== $after) {
                $changes[] = ['label' => ucfirst($label), 'before' => $before, 'after' => $after];
            }
        }

        return [
            'when' => ShopClock::local($entry->at)->format('j M Y H:i:s'),
            'who' => $entry->user->name ?? 'Aenum (automatic)',
            'from' => self::from($entry),
            'what' => ucfirst(HistoryWords::ROWS[$entry->row_table] ?? 'entry').' '.self::DONE[$entry->what],
            'isNew' => $entry->what === 'created',
            'isUpdate' => $entry->what === 'updated',
            'changes' => $changes,
        ];
    }

    /** Where it came from, and how long it waited for the network. */
    private static function from(AuditEntry $entry): ?string
    {
        $waited = $entry->waited_s === null ? null : 'sent '.Units::minutes($entry->waited_s / 60).' later';
        $said = array_filter([$entry->from_where, $waited]);

        return $said === [] ? null : implode(', ', $said);
    }

    /** @param  array<string, mixed>  $row  the columns of one side */
    private function value(string $table, string $column, array $row): ?string
    {
        $value = $row[$column] ?? null;
        if ($value === null || $value === '' || is_array($value)) {
            return null;
        }
        foreach (self::NAMES as $pattern => [$from]) {
            if (preg_match($pattern, $column) === 1) {
                return $this->name($from, $value);
            }
        }
        if (is_bool($value) || self::cast($table, $column) === 'boolean') {
            return (bool) $value ? 'yes' : 'no';
        }
        $text = is_scalar($value) ? (string) $value : '';

        return self::word($table, $column, $text, $row) ?? self::quantity($column, $text) ?? self::plain($text);
    }

    private function name(string $table, mixed $id): string
    {
        // Some "by" columns hold a typed name.
        if (! is_numeric($id)) {
            return is_scalar($id) ? (string) $id : '';
        }
        $name = $this->names[$table][(int) $id] ?? null;

        return match (true) {
            $table === 'coats' && $name !== null => "coat {$name}",
            $table === 'batches' && ($name ?? '') === '' => 'whole batch',
            default => (string) ($name ?? 'no longer kept'),
        };
    }

    /**
     * A value that is a word of the core, as that word's own label.
     *
     * @param  array<string, mixed>  $row
     */
    private static function word(string $table, string $column, string $text, array $row): ?string
    {
        $cast = self::cast($table, $column);
        $enums = is_subclass_of((string) $cast, \BackedEnum::class) ? [(string) $cast] : self::ENUMS[$column] ?? [];
        foreach ($enums as $enum) {
            $case = is_subclass_of($enum, \BackedEnum::class) ? $enum::tryFrom($text) : null;
            if ($case !== null) {
                return EnumLabels::of([$case])[$text];
            }
        }
        $question = ShopPolicies::questions()[(string) ($row['question'] ?? '')] ?? null;

        return match ($column) {
            'metal' => MetalCatalog::find($text)?->name,
            'blast_medium' => Media::names()[$text] ?? null,
            'agent' => Agents::find($text)?->name,
            'step' => self::step($text),
            'question' => $question[0] ?? null,
            'way' => $question === null ? null : EnumLabels::of($question[1])[$text] ?? null,
            'weekday' => CarbonImmutable::parse('monday')->addDays((int) $text - 1)->format('l'),
            'colour' => strtoupper($text),
            default => null,
        };
    }

    /** A step key such as "bake-2-1". */
    private static function step(string $key): string
    {
        [$kind, $coat] = explode('-', $key) + ['', '0'];
        $name = StepKind::tryFrom($kind)?->label() ?? self::spaced($key);

        return (int) $coat > 0 ? "{$name}, coat {$coat}" : $name;
    }

    private static function quantity(string $column, string $text): ?string
    {
        if (preg_match('/^\d{4}-\d\d-\d\d( \d\d:\d\d:\d\d)?/', $text, $date) === 1) {
            $moment = CarbonImmutable::parse($text, 'UTC');

            $isDay = preg_match('/_on$|^valid_until$|^not_before$/', $column) === 1 || ! isset($date[1]);

            return ! $isDay ? ShopClock::local($moment)->format('j M Y H:i') : $moment->format('j M Y');
        }
        if (! is_numeric($text)) {
            return null;
        }
        $figure = (float) $text;
        if (preg_match('/minutes$|_min$/', $column) === 1 && $column !== 'minutes_to_200') {
            return in_array($column, ['from_min', 'to_min'], true)
                ? sprintf('%02d:%02d', intdiv((int) $figure, 60), (int) $figure % 60)
                : Units::minutes($figure);
        }
        foreach (self::ENDS as $end => $dimension) {
            if (str_ends_with($column, $end) && ! str_starts_with($column, 'price_')) {
                return Units::current()->show($dimension, $figure);
            }
        }

        return match ($column) {
            'celsius' => Units::current()->show(Dimension::Temperature, $figure),
            'kg' => Units::current()->show(Dimension::Mass, $figure),
            'microns' => Units::current()->show(Dimension::Film, $figure),
            'dose', 'overbake', 'margin', 'overbake_limit', 'share', 'transfer', 'planned_transfer', 'overlap',
            'view_factor', 'powder_reserve' => round(100 * $figure).' %',
            default => null,
        };
    }

    /** A number to three figures, a key with its underscores gone, anything else as it was typed. */
    private static function plain(string $text): string
    {
        if (is_numeric($text) && preg_match('/\.\d{2,}/', $text) === 1) {
            $figure = (float) $text;
            $decimals = $figure === 0.0 ? 0 : max(0, 2 - (int) floor(log10(abs($figure))));

            return rtrim(rtrim(number_format($figure, $decimals, '.', ''), '0'), '.');
        }

        return preg_match('/^[a-z0-9]+(_[a-z0-9]+)+$/', $text) === 1 ? self::spaced($text) : $text;
    }

    private static function spaced(string $key): string
    {
        return str_replace('_', ' ', $key);
    }

    /**
     * Names of all the rows these entries point at: one query a table, however many entries.
     *
     * @param  array<int, AuditEntry>  $entries
     * @return array<string, array<array-key, scalar|null>>
     */
    private static function namesIn(array $entries): array
    {
        $ids = [];
        foreach ($entries as $entry) {
            foreach ([$entry->before ?? [], $entry->after ?? []] as $side) {
                foreach ($side as $column => $value) {
                    foreach (self::NAMES as $pattern => [$table]) {
                        if (is_numeric($value) && preg_match($pattern, (string) $column) === 1) {
                            $ids[$table][(int) $value] = true;
                        }
                    }
                }
            }
        }
        $columns = array_column(self::NAMES, 1, 0);
        $names = [];
        foreach ($ids as $table => $wanted) {
            $rows = DB::table($table)->whereIn('id', array_keys($wanted));
            $names[$table] = $rows->pluck($columns[$table], 'id')->all();
        }

        return $names;
    }

    /** What the model of a table makes of a column; null where it is kept as it is. */
    private static function cast(string $table, string $column): ?string
    {
        static $casts = null;
        $casts ??= self::casts();
        $cast = $casts[$table][$column] ?? null;

        return $cast === 'bool' ? 'boolean' : $cast;
    }

    /** @return array<string, array<string, string>> table => column => cast */
    private static function casts(): array
    {
        $casts = [];
        foreach (glob(app_path('*/Models/*.php')) ?: [] as $file) {
            $class = 'App\\'.strtr(substr($file, strlen(app_path()) + 1, -strlen('.php')), '/', '\\');
            if (is_subclass_of($class, Model::class) && ! (new \ReflectionClass($class))->isAbstract()) {
                $model = new $class();
                $casts[$model->getTable()] = $model->getCasts();
            }
        }

        return $casts;
    }
}
