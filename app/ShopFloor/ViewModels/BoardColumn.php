<?php

declare(strict_types=1);

namespace App\ShopFloor\ViewModels;

use Aenum\Core\Trade\Station;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\StationQueue;
use Illuminate\Support\Collection;

/** One station on the board: late and most urgent batches first, the rest as a count. */
final readonly class BoardColumn
{
    /** Tags that are read from two metres without turning a page. */
    public const SHOWN = 5;

    /**
     * @param  Collection<int, BoardTag>  $shown
     * @param  Collection<int, BoardTag>  $folded
     */
    private function __construct(public Station $station, public Collection $shown, public Collection $folded)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $batches = Batch::hanging()->with(['part.job.customer', 'part.batches'])->get();
        $batches->each(fn (Batch $batch) => $batch->part->knit());
        $running = self::running();
        $ofJob = $batches->toBase()->countBy(fn (Batch $batch): int => $batch->part->job_id);
        $today = ShopClock::today();
        $empty = StationQueue::empty()->toBase()->map(fn (Job $job): BoardTag => BoardTag::empty($job));

        return array_map(function (Station $station) use ($batches, $running, $ofJob, $today, $empty): self {
            $tags = $batches->toBase()->where('station', $station)
                ->groupBy(fn (Batch $batch): int => $batch->part->job_id)
                ->map(fn (Collection $of, int $job): BoardTag => BoardTag::of(
                    $of,
                    $running,
                    $today,
                    $of->count() === $ofJob[$job],
                ))->values();
            $tags = ($station === Station::Intake ? $tags->concat($empty) : $tags)
                ->sortBy(fn (BoardTag $tag): int => $tag->rank())->values();

            return new self($station, $tags->take(self::SHOWN), $tags->slice(self::SHOWN)->values());
        }, Station::cases());
    }

    /** @return array<int, true> lots with a clock on them, or in an oven, by id */
    private static function running(): array
    {
        $clocks = StepTimer::query()->whereNull('done_at')->pluck('batch_id');
        $baking = OvenLoadItem::query()->whereHas('ovenLoad', fn ($load) => $load->where('status', 'running'));

        return array_fill_keys($clocks->concat($baking->whereNull('out_at')->pluck('batch_id'))->all(), true);
    }
}
