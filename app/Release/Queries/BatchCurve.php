<?php

declare(strict_types=1);

namespace App\Release\Queries;

use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeState;
use App\Routing\Queries\BatchHistory;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/**
 * Temperature curves of a batch in a load, and the air around it; never of other customers' parts.
 *
 * A pulled load does not change, so its curves are cached.
 */
final class BatchCurve
{
    private const POINTS = 48;

    private const DAYS = 30;

    /**
     * From the loading until the pieces left the oven, with the load or before it.
     *
     * @return array{minutes: list<float>, air_c: list<float>, parts: list<array{name: string, core_c: list<float>}>,
     *      window_c: ?float}
     */
    public static function of(OvenLoad $load, BatchHistory $past, ?CarbonImmutable $leftAt): array
    {
        $mine = array_values($load->items->filter(fn ($item): bool => $past->any($item->batch_id, $load->pulled_at))
            ->pluck('id')->all());
        $moments = array_map(fn (?CarbonImmutable $at): ?int => $at?->getTimestampMs(), [$load->pulled_at, $leftAt]);
        $key = 'curve-'.hash('xxh128', serialize([$load->id, $moments, $mine]));
        $kept = Cache::get($key);
        if (is_array($kept)) {
            /** @var array{minutes: list<float>, air_c: list<float>, parts: list<array{name: string,
             *      core_c: list<float>}>, window_c: ?float} $kept */
            return $kept;
        }
        $curve = self::draw($load, $mine, $leftAt);
        Cache::put($key, $curve, 86400 * self::DAYS);

        return $curve;
    }

    /**
     * @param  list<int>  $mine  ids of the items that are of the lot
     * @return array{minutes: list<float>, air_c: list<float>, parts: list<array{name: string, core_c: list<float>}>,
     *      window_c: ?float}
     */
    private static function draw(OvenLoad $load, array $mine, ?CarbonImmutable $leftAt): array
    {
        $board = BakeState::of($load);
        $run = $board->outlook->run;
        $end = 60 * $load->pullRunMinutes();
        if ($leftAt !== null && $load->shut_at !== null) {
            $end = min($end, $load->door_open_s + $load->shut_at->diffInSeconds($leftAt));
        }
        $seconds = array_map(fn (int $n): float => $end * $n / (self::POINTS - 1), range(0, self::POINTS - 1));
        $parts = [];
        $window = null;
        foreach ($board->load->hung as $i => $hung) {
            if (in_array($hung->bakeItem->id, $mine, true)) {
                $window = $hung->aim->to->stopsShort() ? $hung->aim->sheet->flowPointC() : $hung->aim->sheet->windowC;
                $parts[] = [
                    'name' => $hung->section->name ?? $hung->bakeItem->part->name,
                    'core_c' => array_map(fn (float $s): float => round($run->coreC($i, $s), 1), $seconds),
                ];
            }
        }

        return [
            'minutes' => array_map(fn (float $s): float => round($s / 60 - $load->door_open_s / 60, 2), $seconds),
            'air_c' => array_map(fn (float $s): float => round($run->airC($s), 1), $seconds),
            'parts' => $parts,
            'window_c' => $window,
        ];
    }
}
