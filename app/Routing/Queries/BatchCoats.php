<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Inspection\Models\Rework;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use Illuminate\Support\Collection;

/**
 * Coats of a batch: those planned for its part, and those added by rework.
 *
 * Coats under a strip are history: they stay on record, and nothing more is required of them.
 */
final readonly class BatchCoats
{
    /**
     * @param  Collection<int, Coat>  $every  that these pieces ever had or are to have, in order
     * @param  list<Rework>  $reworks  the first first
     * @param  list<int>  $strips  how many coats there were as they were stripped, each time
     */
    private function __construct(public Collection $every, public array $reworks, private array $strips)
    {
    }

    public static function of(Batch $batch): self
    {
        $part = $batch->part;
        BatchSnapshot::ofBatch($batch);
        $all = array_values($part->reworks->all());
        if ($all === []) {
            return new self($part->coats->toBase()->sortBy('position')->values(), [], []);
        }
        $past = BatchHistory::of($batch);
        $mine = array_values(array_filter($all, fn (Rework $one): bool => $past->any($one->batch_id, $one->at)));
        $every = $part->coats->toBase()->sortBy('position')->values();
        $strips = [];
        foreach ($mine as $rework) {
            if ($rework->takesAllOff()) {
                $strips[] = $every->count();
            }
            $every = $every->concat($rework->coats->map(fn (Coat $coat): Coat => $coat->setRelation('part', $part)));
        }

        return new self($every->values(), $mine, $strips);
    }

    /** @return Collection<int, Coat> those that lie on them or are to, from the metal up */
    public function on(): Collection
    {
        return $this->every->slice($this->taken())->values();
    }

    /** How many coats came off again. */
    public function taken(): int
    {
        return $this->strips === [] ? 0 : $this->strips[count($this->strips) - 1];
    }

    /** Whether a coat came off again. */
    public function isGone(int $position): bool
    {
        return $position <= $this->taken();
    }

    /** Place of a coat among those that lie with it, from 0. */
    public function place(Coat $coat): int
    {
        return $coat->position - $this->below($coat) - 1;
    }

    /** @return Collection<int, Coat> a coat and those it lies on, from the metal up: as they lay when it went on */
    public function to(Coat $coat): Collection
    {
        $from = $this->below($coat);
        $isUnder = fn (Coat $one): bool => $one->position > $from && $one->position <= $coat->position;

        return $this->every->filter($isUnder)->values();
    }

    /** Coats of an earlier life than a coat's. */
    private function below(Coat $coat): int
    {
        $earlier = array_filter($this->strips, fn (int $at): bool => $at < $coat->position);

        return $earlier === [] ? 0 : max($earlier);
    }
}
