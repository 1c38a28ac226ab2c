<?php

declare(strict_types=1);

namespace App\ShopFloor\ViewModels;

use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** A job's batches at one station. */
final readonly class BoardTag
{
    private function __construct(
        public Job $job,
        /** What of it hangs here, where that is not the whole job; null for all of it. */
        public ?string $which,
        public bool $late,
        public bool $runs,
    ) {
    }

    /**
     * @param  Collection<int, Batch>  $batches  of one job, at one station
     * @param  array<int, true>  $running
     * @param  bool  $all  whether nothing of the job hangs elsewhere
     */
    public static function of(Collection $batches, array $running, CarbonImmutable $today, bool $all): self
    {
        $first = $batches->first() ?? throw new \LogicException('a tag is of lots');
        $job = $first->part->job;

        return new self(
            $job,
            $all ? null : $batches->map(fn (Batch $batch): string => $batch->title())->join('; '),
            $job->isLate($today),
            $batches->contains(fn (Batch $batch): bool => isset($running[$batch->id])),
        );
    }

    public static function empty(Job $job): self
    {
        return new self($job, null, false, false);
    }

    /** What is late or runs comes first. */
    public function rank(): int
    {
        return match (true) {
            $this->late => 0,
            $this->runs => 1,
            default => 2,
        };
    }
}
