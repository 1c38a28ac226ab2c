<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\CureStatus;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Coat;
use App\Routing\Queries\BatchCoatStatus;

/** State of what came out of a load: its fresh coat, and how hot each part got. */
final readonly class LoadOutcome
{
    private function __construct(
        public string $title,
        public Coat $coat,
        public CureStatus $standing,
        public float $peakC,
        /** Minutes from the pull until it can be touched. */
        public ?float $handleMinutes,
        /** Whether it left before the load did. */
        public bool $early,
    ) {
    }

    /** @return list<self> */
    public static function all(OvenLoad $load): array
    {
        $load->loadMissing([
            'results', 'items.coat.powder', 'items.batch.part.batches', 'items.batch.marks', 'items.coat.results',
            'items.coat.inspections', 'items.part',
        ]);
        $all = [];
        foreach ($load->items as $item) {
            $fresh = fn (OvenResult $one): bool => $one->oven_load_item_id === $item->id && $one->fresh;
            $results = $load->results->filter($fresh);
            if ($item->coat === null || $item->batch === null || $results->isEmpty()) {
                continue;
            }
            $all[] = new self(
                $item->title(),
                $item->coat,
                BatchCoatStatus::standing($item->coat, $item->batch),
                (float) $results->max('peak_c'),
                $results->max('handle_minutes'),
                $item->out_at !== null,
            );
        }

        return $all;
    }
}
