<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Inspection\MovingRange;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Platform\Cache\RequestMemo;
use App\Platform\Clock\ShopClock;
use Illuminate\Support\Facades\DB;

/**
 * Control charts of film by powder and of the lowest dose by oven, over the last year.
 *
 * Limits come from the first twenty values of a series.
 */
final class DriftNotes
{
    public const LOOK_BACK_DAYS = 365;

    /** @return list<string> of every powder and oven that drifts */
    public static function all(): array
    {
        return RequestMemo::once('notes', function (): array {
            $notes = [];
            foreach (self::films() as $powder => $values) {
                array_push($notes, ...self::film((string) Powder::query()->find($powder)?->name, $values));
            }
            foreach (self::doses() as $oven => $values) {
                array_push($notes, ...self::dose((string) Oven::query()->find($oven)?->name, $values));
            }

            array_push($notes, ...self::short());

            return $notes;
        });
    }

    /**
     * Ovens whose loads were measured short though computed done: their figures are not trusted.
     *
     * @return list<string>
     */
    private static function short(): array
    {
        $loads = DB::table('inspections')->join('oven_results', function ($join): void {
            $join->on('oven_results.coat_id', '=', 'inspections.coat_id');
            $join->on(
                'oven_results.batch_id',
                '=',
                'inspections.batch_id',
            )->on('oven_results.at', '<=', 'inspections.at');
        })->join('oven_loads', 'oven_loads.id', '=', 'oven_load_id')->join('ovens', 'ovens.id', '=', 'oven_id')
            ->where('inspections.verdict', 'fail')->whereIn('inspections.kind', ['solvent_rub', 'logger', 'judged'])
            ->where('oven_results.state', 'cured')->where('fresh', true)->where('inspections.at', '>', self::since())
            ->groupBy('ovens.id', 'ovens.name')
            ->selectRaw('ovens.name, COUNT(DISTINCT oven_loads.id) as loads')->get();

        return array_values($loads->map(fn (\stdClass $one): string => sprintf(
            '%s of the %s computed as cured and measured short: let a logger ride along before its figures are '
                .'trusted.',
            (int) $one->loads === 1 ? 'One load' : "{$one->loads} loads",
            $one->name,
        ))->all());
    }

    /** @return list<string> */
    public static function ofPowder(?Powder $powder): array
    {
        return $powder === null ? [] : self::film($powder->name, self::films($powder->id)[$powder->id] ?? []);
    }

    /**
     * Mean film of each inspection against the middle of its band, 1 on target, by powder.
     *
     * @return array<int, list<float>>
     */
    public static function films(?int $powder = null): array
    {
        $rows = DB::table('inspections')->join('coats', 'coats.id', '=', 'coat_id')
            ->join('inspection_readings', 'inspection_readings.inspection_id', '=', 'inspections.id')
            ->where('kind', 'film')->where('at', '>', self::since())->where('band_to_um', '>', 0)
            ->when($powder !== null, fn ($of) => $of->where('powder_id', $powder))
            ->groupBy('inspections.id', 'powder_id', 'at', 'band_from_um', 'band_to_um')->orderBy('at')
            ->selectRaw('powder_id, AVG(microns) / ((band_from_um + band_to_um) / 2) as share')->get();

        return self::series($rows->map(fn (\stdClass $row): array => [(int) $row->powder_id, (float) $row->share])
            ->all());
    }

    /**
     * The least dose a load gave any coat it was to cure fully, by oven.
     *
     * @return array<int, list<float>>
     */
    public static function doses(): array
    {
        $rows = DB::table('oven_results')->join('oven_loads', 'oven_loads.id', '=', 'oven_load_id')
            ->join('coats', 'coats.id', '=', 'coat_id')
            ->where('fresh', true)->where('bake_to', 'full')->where('pulled_at', '>', self::since())
            ->whereNotNull('dose')->groupBy('oven_load_id', 'oven_id', 'pulled_at')->orderBy('pulled_at')
            ->selectRaw('oven_id, MIN(dose) as least')->get();

        return self::series($rows->map(fn (\stdClass $row): array => [(int) $row->oven_id, (float) $row->least])
            ->all());
    }

    /**
     * @param  list<float>  $values
     * @return list<string>
     */
    private static function film(string $powder, array $values): array
    {
        $drift = MovingRange::of($values)->drift();

        return $drift === null ? [] : ["Film of {$powder} drifts: {$drift->says()}, "
            .round(100 * $values[count($values) - 1]).' % of the middle of its band; '.count($values).' measured.'];
    }

    /**
     * @param  list<float>  $values
     * @return list<string>
     */
    private static function dose(string $oven, array $values): array
    {
        $drift = MovingRange::of($values)->drift();

        return $drift === null ? [] : ["Doses of the {$oven} drift: {$drift->says()}, "
            .number_format($values[count($values) - 1], 2).' in the last load; '.count($values).' loads.'];
    }

    /**
     * @param  array<array-key, array{int, float}>  $pairs
     * @return array<int, list<float>>
     */
    private static function series(array $pairs): array
    {
        $series = [];
        foreach ($pairs as [$of, $value]) {
            $series[$of][] = $value;
        }

        return $series;
    }

    private static function since(): string
    {
        return ShopClock::now()->subDays(self::LOOK_BACK_DAYS)->format('Y-m-d H:i:s.v');
    }
}
