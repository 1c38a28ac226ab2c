<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Cache\RequestMemo;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Heat a part's metal has had, in equivalent minutes at 200 °C; zero for metals that do not age. */
final class MetalHeatHistory
{
    /**
     * The most of any of its lots, or of the one given, in every load that is out, whatever it was for; only in those
     * that were out before one went in, where it is given.
     */
    public static function of(Part $part, ?OvenLoad $before = null, ?Batch $batch = null): float
    {
        $key = "metal minutes {$part->id} {$before?->id} {$batch?->id}";

        return $part->metalKind()->ageHardens()
            ? RequestMemo::once($key, fn (): float => self::sum($part, $before, $batch))
            : 0.0;
    }

    private static function sum(Part $part, ?OvenLoad $before, ?Batch $batch): float
    {
        if ($before === null) {
            $part->loadMissing('ovenResults');
            $rows = $part->ovenResults->toBase();
        } else {
            $results = OvenResult::query()->where('part_id', $part->id);
            $results
                ->where('oven_load_id', '!=', $before->id)
                ->whereHas('ovenLoad', function (Builder $load) use ($before): void {
                    $load->when(
                        $before->shut_at,
                        fn (Builder $q, mixed $shut) => $q->where('pulled_at', '<=', $shut),
                    );
                });
            $rows = $results->get()->toBase();
        }
        $batches = $batch === null ? $part->lotsThere() : collect([$batch]);

        return (float) $batches->map(fn (Batch $one): float => self::most($one, $rows))->max();
    }

    /** @param  Collection<int, OvenResult>  $rows */
    private static function most(Batch $batch, Collection $rows): float
    {
        $past = BatchHistory::of($batch);
        $most = 0.0;
        for ($strand = 0; $strand < $past->count(); $strand++) {
            $lived = $rows->filter(fn (OvenResult $one): bool => $past->lived($strand, $one->batch_id, $one->at));
            // A load writes a row for each layer and region; the metal was in it once.
            $sum = $lived->groupBy('oven_load_id')
                ->sum(fn (Collection $of): float => (float) $of->max('metal_minutes'));
            $most = max($most, (float) $sum);
        }

        return $most;
    }
}
