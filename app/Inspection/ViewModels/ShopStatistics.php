<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Trade\InspectorPolicy;
use App\Accounts\Models\Shop;
use App\Inspection\Queries\DriftNotes;
use App\Platform\Clock\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * First-pass yield, defects and where they occur, from the shop's records.
 *
 * One batch released within the last year is one case. Every share is shown with its sample size and interval.
 */
final readonly class ShopStatistics
{
    /** Rows of a chart; the rest are fewer each. */
    private const MOST = 7;

    /** Fewer cases than that are not told apart. */
    private const LEAST = 3;

    /** @param  Collection<int, \stdClass>  $batches  handed over, with what is known of each */
    private function __construct(public Collection $batches, private ShopPolicies $house)
    {
    }

    public static function now(): self
    {
        $since = ShopClock::now()->subDays(DriftNotes::LOOK_BACK_DAYS)->format('Y-m-d H:i:s.v');
        $latest = fn (string $column): string => "(SELECT s.{$column} FROM sprayings s "
            .'WHERE s.part_id = batches.part_id AND s.done_at IS NOT NULL AND s.blown_off_at IS NULL '
            .'ORDER BY s.id DESC LIMIT 1)';
        $batches = DB::table('batches')->join('parts', 'parts.id', '=', 'batches.part_id')
            ->where('batches.status', 'released')->where('ended_at', '>', $since)->orderBy('ended_at')
            ->selectRaw('batches.id, batches.count, batches.ended_at, parts.metal, '
                .'(SELECT COUNT(*) FROM defects f WHERE f.batch_id = batches.id AND f.withdrawn_at IS NULL '
                ."AND f.kind != 'agreed_pits') as faults, "
                .'(SELECT COUNT(*) FROM reworks r WHERE r.batch_id = batches.id AND r.withdrawn_at IS NULL '
                ."AND r.way != 'accept') as reworks, "
                ."{$latest('powder_id')} as powder_id, {$latest('powder_lot_id')} as powder_lot_id, "
                ."{$latest('user_id')} as user_id, {$latest('humidity_pct')} as humidity_pct, "
                .'(SELECT l.oven_id FROM oven_results o JOIN oven_loads l ON l.id = o.oven_load_id '
                .'WHERE o.batch_id = batches.id AND o.fresh = 1 ORDER BY o.id DESC LIMIT 1) as oven_id')
            ->get();

        return new self($batches, ShopPolicies::read(Shop::current()->houseWays()));
    }

    /** What went out without being mended. */
    public function firstPass(): ?ShareRow
    {
        $n = $this->batches->count();

        return $n === 0 ? null : ShareRow::of('at the first pass', $this->batches->where('reworks', 0)->count(), $n);
    }

    /** @return list<ShareRow> the same month by month, the oldest first */
    public function byMonth(): array
    {
        $month = fn (\stdClass $batch): string => ShopClock::local(CarbonImmutable::parse($batch->ended_at, 'UTC'))
            ->format('Y-m');
        $rows = [];
        foreach ($this->batches->groupBy($month) as $name => $batches) {
            $rows[] = ShareRow::of(
                CarbonImmutable::parse("{$name}-01")->format('M Y'),
                $batches->where('reworks', 0)->count(),
                $batches->count(),
            );
        }

        return $rows;
    }

    /** @return list<ShareRow> lots with each kind of fault, the most first */
    public function byKind(): array
    {
        return $this->counted($this->defects('kind'), fn (string $kind): string => ucfirst(
            DefectKind::tryFrom($kind)?->label() ?? $kind,
        ));
    }

    /** @return array<string, int> causes that were confirmed, the most first */
    public function byCause(): array
    {
        $causes = $this->defects('cause')->reject(fn (\stdClass $one): bool => $one->name === null)->groupBy('name')
            ->map(fn (Collection $of): int => $of->count())->sortDesc()->take(self::MOST);

        return $causes->mapWithKeys(fn (int $n, string $cause): array => [
            ucfirst(DefectCause::tryFrom($cause)?->label() ?? $cause) => $n,
        ])->all();
    }

    /** @return array<string, list<ShareRow>> what it is by => lots with a fault among those alike, the most first */
    public function where(): array
    {
        $names = fn (string $table, string $column = 'name'): Collection => DB::table($table)->pluck($column, 'id');
        $named = fn (Collection $of): \Closure => fn (mixed $id): string => (string) ($of[$id] ?? 'not known');
        $powders = $names('powders');
        $batches = DB::table('powder_lots')->join('powders', 'powders.id', '=', 'powder_id')
            ->selectRaw("powder_lots.id, CONCAT(powder_lots.number, ', ', powders.name) as name")->pluck('name', 'id');

        return array_filter([
            'Powder' => $this->split('powder_id', $named($powders)),
            'Lot of powder' => $this->split('powder_lot_id', $named($batches)),
            'Metal' => $this->split('metal', fn (mixed $key): string => MetalCatalog::find((string) $key)->name ?? ''),
            'Oven' => $this->split('oven_id', $named($names('ovens'))),
            'Humidity as it was sprayed' => $this->split('humidity', fn (mixed $of): string => (string) $of),
            'Person' => $this->house->person === InspectorPolicy::ByPerson
                ? $this->split('user_id', $named($names('users')))
                : [],
        ]);
    }

    /**
     * @param  \Closure(mixed): string  $name
     * @return list<ShareRow>
     */
    private function split(string $by, \Closure $name): array
    {
        $key = fn (\stdClass $batch): string => (string) ($by === 'humidity' ? self::humidity($batch) : $batch->{$by});
        $rows = [];
        foreach ($this->batches->groupBy($key) as $value => $batches) {
            if ($value !== '' && $batches->count() >= self::LEAST) {
                $rows[] = ShareRow::of($name($value), $batches->where('faults', '>', 0)->count(), $batches->count());
            }
        }
        usort($rows, fn (ShareRow $a, ShareRow $b): int => $b->share->share <=> $a->share->share);

        return array_slice($rows, 0, self::MOST);
    }

    private static function humidity(\stdClass $batch): ?string
    {
        $humidity = $batch->humidity_pct === null ? null : (float) $batch->humidity_pct;

        return match (true) {
            $humidity === null => null,
            $humidity < 50 => 'under 50 %',
            $humidity < 70 => '50 to 70 %',
            default => '70 % and more',
        };
    }

    /** @return Collection<int, \stdClass> name and batch_id of every fault of these lots */
    private function defects(string $column): Collection
    {
        return DB::table('defects')->whereIn('batch_id', $this->batches->pluck('id'))->whereNull('withdrawn_at')
            ->where('kind', '!=', DefectKind::AgreedPits->value)->selectRaw("{$column} as name, batch_id")->get();
    }

    /**
     * @param  Collection<int, \stdClass>  $defects
     * @param  \Closure(string): string  $name
     * @return list<ShareRow>
     */
    private function counted(Collection $defects, \Closure $name): array
    {
        $rows = [];
        foreach ($defects->groupBy('name') as $key => $of) {
            $rows[] = ShareRow::of(
                $name((string) $key),
                $of->unique('batch_id')->count(),
                max(1, $this->batches->count()),
            );
        }
        usort($rows, fn (ShareRow $a, ShareRow $b): int => $b->share->of <=> $a->share->of);

        return array_slice($rows, 0, self::MOST);
    }
}
