<?php

declare(strict_types=1);

namespace App\ShopFloor\ViewModels;

use Aenum\Core\Trade\Station;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;

/** Number of batches at each station, and its next timer. */
final class ShopBoard
{
    /** @return list<array{station: Station, count: int, late: int, clock: ?CarbonImmutable}> */
    public static function now(): array
    {
        $open = Batch::query()->toBase()->join('parts', 'parts.id', '=', 'batches.part_id')
            ->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->where('batches.status', 'open')->where('jobs.status', 'open')->whereNull('parts.withdrawn_at');
        $counts = $open->selectRaw(
            'batches.station as station, count(*) as hanging, sum(jobs.due_on < ?) as late',
            [ShopClock::today()->toDateString()],
        )->groupBy('batches.station')->get()->keyBy('station');
        $empty = Job::query()->where('status', 'open')->whereDoesntHave('parts')->count();
        $clocks = self::clocks();

        return array_map(fn (Station $station): array => [
            'station' => $station,
            'count' => (int) ($counts[$station->value]->hanging ?? 0) + ($station === Station::Intake ? $empty : 0),
            'late' => (int) ($counts[$station->value]->late ?? 0),
            'clock' => $clocks[$station->value] ?? null,
        ], Station::cases());
    }

    /** @return array<string, CarbonImmutable> the clock that runs out first, by station */
    private static function clocks(): array
    {
        $first = [];
        $rows = StepTimer::query()->toBase()->whereNull('done_at')
            ->join('batches', 'batches.id', '=', 'step_timers.batch_id')
            ->where('batches.status', 'open')->groupBy('batches.station')
            ->selectRaw('batches.station as station, min(due_at) as due')->get();
        foreach ($rows as $row) {
            $first[(string) $row->station] = CarbonImmutable::parse($row->due, 'UTC');
        }
        foreach (OvenLoad::query()->where('status', 'running')->get() as $load) {
            $station = $load->kind->station()->value;
            $at = UpdateExpectedPull::of($load);
            if (! isset($first[$station]) || $at->lt($first[$station])) {
                $first[$station] = $at;
            }
        }

        return $first;
    }
}
