<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Scheduling\BatchOnDay;
use Aenum\Core\Scheduling\BatchWork;
use App\Intake\Models\Batch;
use App\Routing\Queries\RoutingProgress;

/** A batch as the planner takes it. */
final readonly class PlannedBatch
{
    public function __construct(
        public Batch $batch,
        public RoutingProgress $walk,
        public BatchOnDay $on,
        public BatchWork $work,
        public float $readyMin,
        public ?float $dueMin,
    ) {
    }

    /** What its job in the day is called, load by load. */
    public function key(int $load): string
    {
        return "{$this->batch->id}.{$load}";
    }
}
