<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\OvenLoad;
use App\Models\OvenResult;
use App\Models\Part;
use App\Support\ThisRequest;
use Illuminate\Database\Eloquent\Builder;

/**
 * How much heat a part's metal has had, as equivalent minutes at 200 °C; nothing is asked of metals that do not age.
 */
final class MetalMinutes
{
    /**
     * In every load that is out, whatever it was for; only in those that were out before one went in, where it is
     * given.
     */
    public static function of(Part $part, ?OvenLoad $before = null): float
    {
        $key = "metal minutes {$part->id} {$before?->id}";

        return $part->metalKind()->ageHardens()
            ? ThisRequest::once($key, fn (): float => self::sum($part, $before))
            : 0.0;
    }

    private static function sum(Part $part, ?OvenLoad $before): float
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

        // A load writes a row for each layer and region; the metal was in it once.
        return (float) $results->groupBy('oven_load_id')->selectRaw('max(metal_minutes) as had')->get()->sum('had');
    }
}
