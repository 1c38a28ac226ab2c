<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Preparation\Racking\OvenSpace;
use Aenum\Core\Preparation\Racking\Rack;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Oven;
use App\Intake\Models\Batch;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use Illuminate\Support\Collection;

/** Whether a load fits an oven by space and rail load. A busy oven can be planned for. */
final class OvenCapacity
{
    /**
     * @param  Collection<int, Batch>  $batches
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws Refused naming what speaks against it
     */
    public static function orRefuse(Oven $oven, Collection $batches, array $counts): void
    {
        self::weighed($batches);
        $hung = $batches->map(fn (Batch $batch): array => [
            'rack' => $batch->part->rack === null
                ? null
                : Rack::of($batch->part->rack->setting(), (float) $batch->part->mass_kg),
            'pieces' => $counts[$batch->id],
            'kg' => $counts[$batch->id] * $batch->part->mass_kg,
        ]);
        $against = OvenSpace::against($oven->roomMm(), Shop::current()->rail_kg, array_values($hung->all()));
        if ($against !== null) {
            throw Refused::because([
                'load' => "{$oven->name} does not take this load: ".Units::current()->said($against).'.',
            ]);
        }
    }

    /**
     * Nothing is baked by a guess.
     *
     * @param  Collection<int, Batch>  $batches
     *
     * @throws Refused
     */
    private static function weighed(Collection $batches): void
    {
        $not = $batches->first(fn (Batch $batch): bool => ! $batch->part->isWeighed());
        if ($not !== null) {
            $why = ucfirst($not->partName()).' is not weighed, or its area is not known; write both down on the part '
                .'or its bench first. No bake is worked out from a guess.';
            throw Refused::because(['load' => $why]);
        }
    }
}
