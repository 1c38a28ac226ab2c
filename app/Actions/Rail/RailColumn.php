<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Word\Station;
use App\Actions\Bench\BenchPick;
use App\Models\BenchClock;
use App\Models\Job;
use App\Models\Lot;
use App\Models\OvenLoadItem;
use App\Support\ShopClock;
use Illuminate\Support\Collection;

/** What hangs at one station, as the rail shows it: what is late or runs first, the rest behind a count. */
final readonly class RailColumn
{
    /** Tags that are read from two metres without turning a page. */
    public const SHOWN = 5;

    /**
     * @param  Collection<int, RailTag>  $shown
     * @param  Collection<int, RailTag>  $folded
     */
    private function __construct(public Station $station, public Collection $shown, public Collection $folded)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $lots = Lot::hanging()->with(['part.job.customer', 'part.lots'])->get();
        $lots->each(fn (Lot $lot) => $lot->part->knit());
        $running = self::running();
        $ofJob = $lots->toBase()->countBy(fn (Lot $lot): int => $lot->part->job_id);
        $today = ShopClock::today();
        $empty = BenchPick::empty()->toBase()->map(fn (Job $job): RailTag => RailTag::empty($job));

        return array_map(function (Station $station) use ($lots, $running, $ofJob, $today, $empty): self {
            $tags = $lots->toBase()->where('station', $station)
                ->groupBy(fn (Lot $lot): int => $lot->part->job_id)
                ->map(fn (Collection $of, int $job): RailTag => RailTag::of(
                    $of,
                    $running,
                    $today,
                    $of->count() === $ofJob[$job],
                ))->values();
            $tags = ($station === Station::Intake ? $tags->concat($empty) : $tags)
                ->sortBy(fn (RailTag $tag): int => $tag->rank())->values();

            return new self($station, $tags->take(self::SHOWN), $tags->slice(self::SHOWN)->values());
        }, Station::cases());
    }

    /** @return array<int, true> lots with a clock on them, or in an oven, by id */
    private static function running(): array
    {
        $clocks = BenchClock::query()->whereNull('done_at')->pluck('lot_id');
        $baking = OvenLoadItem::query()->whereHas('ovenLoad', fn ($load) => $load->where('status', 'running'));

        return array_fill_keys($clocks->concat($baking->whereNull('out_at')->pluck('lot_id'))->all(), true);
    }
}
