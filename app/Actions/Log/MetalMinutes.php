<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\Lot;
use App\Models\OvenLoad;
use App\Models\OvenResult;
use App\Models\Part;
use App\Support\ThisRequest;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * How much heat a part's metal has had, as equivalent minutes at 200 °C; nothing is asked of metals that do not age.
 */
final class MetalMinutes
{
    /**
     * The most of any of its lots, or of the one given, in every load that is out, whatever it was for; only in those
     * that were out before one went in, where it is given.
     */
    public static function of(Part $part, ?OvenLoad $before = null, ?Lot $lot = null): float
    {
        $key = "metal minutes {$part->id} {$before?->id} {$lot?->id}";

        return $part->metalKind()->ageHardens()
            ? ThisRequest::once($key, fn (): float => self::sum($part, $before, $lot))
            : 0.0;
    }

    private static function sum(Part $part, ?OvenLoad $before, ?Lot $lot): float
    {
        $results = OvenResult::query()->where('part_id', $part->id);
        if ($before !== null) {
            $results
                ->where('oven_load_id', '!=', $before->id)
                ->whereHas('ovenLoad', function (Builder $load) use ($before): void {
                    $load->when(
                        $before->shut_at,
                        fn (Builder $q, mixed $shut) => $q->where('pulled_at', '<=', $shut),
                    );
                });
        }
        $rows = $results->get()->toBase();
        $lots = $lot === null ? $part->lotsThere() : collect([$lot]);

        return (float) $lots->map(fn (Lot $one): float => self::most($one, $rows))->max();
    }

    /** @param  Collection<int, OvenResult>  $rows */
    private static function most(Lot $lot, Collection $rows): float
    {
        $past = LotPast::of($lot);
        $most = 0.0;
        for ($strand = 0; $strand < $past->count(); $strand++) {
            $lived = $rows->filter(fn (OvenResult $one): bool => $past->lived($strand, $one->lot_id, $one->at));
            // A load writes a row for each layer and region; the metal was in it once.
            $sum = $lived->groupBy('oven_load_id')
                ->sum(fn (Collection $of): float => (float) $of->max('metal_minutes'));
            $most = max($most, (float) $sum);
        }

        return $most;
    }
}
