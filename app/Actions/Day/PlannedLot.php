<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Aenum\Core\Plan\LotOnDay;
use Aenum\Core\Plan\LotWork;
use App\Actions\Lot\LotWalk;
use App\Models\Lot;

/** A lot as a day takes it. */
final readonly class PlannedLot
{
    public function __construct(
        public Lot $lot,
        public LotWalk $walk,
        public LotOnDay $on,
        public LotWork $work,
        public float $readyMin,
        public ?float $dueMin,
    ) {
    }

    /** What its job in the day is called, load by load. */
    public function key(int $load): string
    {
        return "{$this->lot->id}.{$load}";
    }
}
