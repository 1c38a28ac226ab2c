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
use Illuminate\Support\Collection;

/** Number of batches at each station, and its next timer. */
final class ShopBoard
{
    /** Jobs without parts are counted under this, beside the stations. */
    private const EMPTY = 'empty';

    /** @return list<array{station: Station, count: int, late: int, clock: ?CarbonImmutable}> */
    public static function now(): array
    {
        [$counts, $clocks] = self::read();
        $here = fn (string $station): int => (int) ($counts[$station]->hanging ?? 0);

        return array_map(fn (Station $station): array => [
            'station' => $station,
            'count' => $here($station->value) + ($station === Station::Intake ? $here(self::EMPTY) : 0),
            'late' => (int) ($counts[$station->value]->late ?? 0),
            'clock' => $clocks[$station->value] ?? null,
        ], Station::cases());
    }

    /**
     * Batches, jobs without parts and timers in one statement; running ovens in another.
     *
     * @return array{Collection<string, \stdClass>, array<string, CarbonImmutable>} counts and first timers, by station
     */
    private static function read(): array
    {
        $open = Batch::query()->toBase()->join('parts', 'parts.id', '=', 'batches.part_id')
            ->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->leftJoinSub(
                StepTimer::query()->toBase()->whereNull('done_at')->groupBy('batch_id')
                    ->selectRaw('batch_id, min(due_at) as due'),
                'timers',
                'timers.batch_id',
                '=',
                'batches.id',
            )
            ->where('batches.status', 'open')->where('jobs.status', 'open')->whereNull('parts.withdrawn_at')
            ->groupBy('batches.station')->selectRaw(
                'batches.station as station, count(*) as hanging, sum(jobs.due_on < ?) as late, min(timers.due) as due',
                [ShopClock::today()->toDateString()],
            );
        $empty = Job::query()->where('status', 'open')->whereDoesntHave('parts')->toBase()
            ->selectRaw("'".self::EMPTY."', count(*), 0, null");
        $counts = $open->unionAll($empty)->get()->keyBy('station');
        $first = $counts->whereNotNull('due')
            ->map(fn (\stdClass $row): CarbonImmutable => CarbonImmutable::parse($row->due, 'UTC'))->all();
        foreach (OvenLoad::query()->where('status', 'running')->get() as $load) {
            $station = $load->kind->station()->value;
            $at = UpdateExpectedPull::of($load);
            if (! isset($first[$station]) || $at->lt($first[$station])) {
                $first[$station] = $at;
            }
        }

        return [$counts, $first];
    }
}
