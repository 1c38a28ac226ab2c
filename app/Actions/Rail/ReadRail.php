<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Word\Station;
use App\Actions\Oven\ExpectedPull;
use App\Models\BenchClock;
use App\Models\Job;
use App\Models\Lot;
use App\Models\OvenLoad;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;

/** How much hangs at each station, and which clock there runs out first. */
final class ReadRail
{
    /** @return list<array{station: Station, count: int, late: int, clock: ?CarbonImmutable}> */
    public static function now(): array
    {
        $open = Lot::query()->toBase()->join('parts', 'parts.id', '=', 'lots.part_id')
            ->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->where('lots.fate', 'open')->where('jobs.status', 'open')->whereNull('parts.withdrawn_at');
        $counts = $open->selectRaw(
            'lots.station as station, count(*) as hanging, sum(jobs.due_on < ?) as late',
            [ShopClock::today()->toDateString()],
        )->groupBy('lots.station')->get()->keyBy('station');
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
        $rows = BenchClock::query()->toBase()->whereNull('done_at')
            ->join('lots', 'lots.id', '=', 'clocks.lot_id')
            ->where('lots.fate', 'open')->groupBy('lots.station')
            ->selectRaw('lots.station as station, min(due_at) as due')->get();
        foreach ($rows as $row) {
            $first[(string) $row->station] = CarbonImmutable::parse($row->due, 'UTC');
        }
        foreach (OvenLoad::query()->where('status', 'running')->get() as $load) {
            $station = $load->kind->station()->value;
            $at = ExpectedPull::of($load);
            if (! isset($first[$station]) || $at->lt($first[$station])) {
                $first[$station] = $at;
            }
        }

        return $first;
    }
}
