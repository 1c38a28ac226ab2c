<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Cure\Standing;
use App\Actions\Lot\CoatOfLot;
use App\Models\Coat;
use App\Models\OvenLoad;
use App\Models\OvenResult;

/** What came out of a load, as it is by now: the one truth about its fresh coat, and how hot it got. */
final readonly class CameOut
{
    private function __construct(
        public string $title,
        public Coat $coat,
        public Standing $standing,
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
        $load->loadMissing(['results', 'items.coat.powder', 'items.lot.part.lots', 'items.lot.marks']);
        $load->loadMissing(['items.coat.results', 'items.coat.inspections', 'items.part']);
        $all = [];
        foreach ($load->items as $item) {
            $fresh = fn (OvenResult $one): bool => $one->oven_load_item_id === $item->id && $one->fresh;
            $results = $load->results->filter($fresh);
            if ($item->coat === null || $item->lot === null || $results->isEmpty()) {
                continue;
            }
            $all[] = new self(
                $item->title(),
                $item->coat,
                CoatOfLot::standing($item->coat, $item->lot),
                (float) $results->max('peak_c'),
                $results->max('handle_minutes'),
                $item->out_at !== null,
            );
        }

        return $all;
    }
}
