<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Route\Station;
use App\Models\Bake;
use App\Models\BakeOutLoad;
use App\Models\BenchClock;
use App\Models\Job;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** How much hangs at each station, and which clock there runs out first. */
final class ReadRail
{
    /** @return list<array{station: Station, count: int, late: int, clock: ?CarbonImmutable}> */
    public static function now(): array
    {
        $counts = Job::query()->where('status', 'open')->toBase()
            ->selectRaw('station, count(*) as hanging, sum(due_on < ?) as late', [ShopClock::today()->toDateString()])
            ->groupBy('station')->get()->keyBy('station');
        $clocks = self::clocks();

        return array_map(fn (Station $station): array => [
            'station' => $station,
            'count' => (int) ($counts[$station->value]->hanging ?? 0),
            'late' => (int) ($counts[$station->value]->late ?? 0),
            'clock' => $clocks[$station->value] ?? null,
        ], Station::cases());
    }

    /** @return array<int, CarbonImmutable> the clock that runs out first, by station */
    private static function clocks(): array
    {
        $first = [];
        $rows = BenchClock::query()->toBase()->whereNull('done_at')->join('parts', 'parts.id', '=', 'clocks.part_id')->join('jobs', 'jobs.id', '=', 'parts.job_id')
            ->where('jobs.status', 'open')->groupBy('jobs.station')->selectRaw('jobs.station as station, min(due_at) as due')->get();
        foreach ($rows as $row) {
            $first[(int) $row->station] = CarbonImmutable::parse($row->due, 'UTC');
        }
        $pull = self::firstPull();
        $out = BakeOutLoad::query()->where('status', 'running')->get()->map(fn (BakeOutLoad $load): CarbonImmutable => ($load->shut_at ?? ShopClock::now())->addMilliseconds((int) round(60000 * $load->minutes)))->sort()->first();
        foreach ([Station::Cure->value => $pull, Station::BakeOut->value => $out] as $station => $at) {
            if ($at !== null && (! isset($first[$station]) || $at->lt($first[$station]))) {
                $first[$station] = $at;
            }
        }

        return $first;
    }

    private static function firstPull(): ?CarbonImmutable
    {
        $pulls = Bake::query()->where('status', 'running')->get()->map(fn (Bake $bake): CarbonImmutable => self::expectedPull($bake));

        return $pulls->sort()->first();
    }

    /** When a running bake is to be pulled: as last worked out from its readings, or as planned. */
    public static function expectedPull(Bake $bake): CarbonImmutable
    {
        $known = Cache::get(self::key($bake));

        return is_numeric($known)
            ? CarbonImmutable::createFromTimestampMs((int) $known, 'UTC')
            : ($bake->shut_at ?? ShopClock::now())->addMilliseconds((int) round(60000 * $bake->minutes));
    }

    private static function key(Bake $bake): string
    {
        return "pull-{$bake->id}-".$bake->shut_at?->getTimestampMs();
    }

    public static function rememberPull(Bake $bake, CarbonImmutable $at): void
    {
        Cache::put(self::key($bake), $at->getTimestampMs(), 7 * 86400);
    }
}
