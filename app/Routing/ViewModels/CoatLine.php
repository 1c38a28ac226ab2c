<?php

declare(strict_types=1);

namespace App\Routing\ViewModels;

use Aenum\Core\Curing\CureStatus;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** One coat of a batch in its record. */
final readonly class CoatLine
{
    /** @param  Collection<int, Inspection>  $found  everything found on it, the latest first */
    private function __construct(
        public Batch $batch,
        public Coat $coat,
        public CureStatus $standing,
        public ?float $peakC,
        public Collection $found,
        /** Whether it is the first of its lot, which says what is said of the pieces. */
        public bool $first,
    ) {
    }

    /** @return list<self> */
    public static function all(RoutingProgress $walk): array
    {
        $past = BatchHistory::of($walk->batch);
        $lines = [];
        foreach ($walk->coats->every as $n => $coat) {
            $had = $coat->results->filter(fn (OvenResult $one): bool => $past->any($one->batch_id, $one->at));
            $seen = $coat->inspections->filter(fn (Inspection $one): bool => $past->any($one->batch_id, $one->at));
            $lines[] = new self(
                $walk->batch,
                $coat,
                $walk->standings[$coat->position],
                $had->isEmpty() ? null : (float) $had->max('peak_c'),
                $seen->toBase(),
                $n === 0,
            );
        }

        return $lines;
    }

    /** Over-bake so far, as a share; null where its powder's sheet does not say what it stands, or it is not baked. */
    public function overbake(): ?float
    {
        return $this->standing->overbake;
    }
}
