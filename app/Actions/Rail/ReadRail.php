<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Route\Station;
use App\Models\Bake;
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
        $clock = self::firstPull();

        return array_map(fn (Station $station): array => [
            'station' => $station,
            'count' => (int) ($counts[$station->value]->hanging ?? 0),
            'late' => (int) ($counts[$station->value]->late ?? 0),
            'clock' => $station === Station::Cure ? $clock : null,
        ], Station::cases());
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
