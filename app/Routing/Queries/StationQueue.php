<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Rows;

/** Batches at a station, and the one in hand. */
final readonly class StationQueue
{
    private const NEEDS = ['part.job.customer', 'part.batches', 'clocks'];

    /** More lots than this fold: the ones beyond are opened on demand. */
    public const FOLD = 12;

    /** @param  Collection<int, Batch>  $batches */
    private function __construct(
        public Station $station,
        public Collection $batches,
        public ?Batch $batch,
        public ?Part $part,
        public ?PartRoute $route,
        public ?RoutingProgress $walk,
    ) {
    }

    /** Salt in the shop's air shortens the clocks on bare steel. */
    public function isByTheSea(): bool
    {
        return Shop::current()->by_the_sea;
    }

    public function isInHand(Batch $batch): bool
    {
        return $this->batch?->id === $batch->id;
    }

    /**
     * Lots hanging here that are not among these.
     *
     * @param  Rows<int, int>  $ids
     * @return Rows<int, Batch>
     */
    public function lotsNotIn(Rows $ids): Rows
    {
        return $this->batches->toBase()->reject(fn (Batch $batch): bool => $ids->contains($batch->id))->values();
    }

    /** @return Rows<int, Rows<int, Batch>> what hangs here, job by job, the most pressing first */
    public function byJob(): Rows
    {
        return $this->batches->toBase()->groupBy(fn (Batch $batch): int => $batch->part->job_id)->values();
    }

    /**
     * Reads the batches at a station. In hand is the batch asked for, else the first of the part asked for, else the
     * most urgent one.
     *
     * @param  list<string>  $also  relations of every batch that the page wants besides
     */
    public static function at(Station $station, int $batchId = 0, int $partId = 0, array $also = []): self
    {
        $batches = Batch::hanging()->where('batches.station', $station)->get();
        $batch = $batches->firstWhere('id', $batchId) ?? $batches->firstWhere('part_id', $partId) ?? $batches->first();
        BatchSnapshot::withInHand($batches, $batch, [...self::NEEDS, ...$also]);
        $route = $batch === null ? null : PartRoute::of($batch->part, $batch);

        return new self(
            $station,
            $batches,
            $batch,
            $batch?->part,
            $route,
            $batch === null ? null : RoutingProgress::of($batch, $route),
        );
    }

    /** @return Collection<int, Job> open jobs without parts: they wait at Intake to be written down */
    public static function empty(): Collection
    {
        $jobs = Job::query()->where('status', 'open')->whereDoesntHave('parts')->with(['customer', 'parts']);

        return $jobs->orderBy('number')->get();
    }
}
