<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use App\Models\Job;
use App\Models\Lot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** A job's tag at one station: which of its lots hang there. */
final readonly class RailTag
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
     * @param  Collection<int, Lot>  $lots  of one job, at one station
     * @param  array<int, true>  $running
     * @param  bool  $all  whether nothing of the job hangs elsewhere
     */
    public static function of(Collection $lots, array $running, CarbonImmutable $today, bool $all): self
    {
        $first = $lots->first() ?? throw new \LogicException('a tag is of lots');
        $job = $first->part->job;

        return new self(
            $job,
            $all ? null : $lots->map(fn (Lot $lot): string => $lot->title())->join('; '),
            $job->isLate($today),
            $lots->contains(fn (Lot $lot): bool => isset($running[$lot->id])),
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
