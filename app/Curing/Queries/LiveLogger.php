<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\Reading as CoreReading;
use Aenum\Core\Loggers\LoggerColumn;
use Aenum\Core\Units\InvalidInput;
use App\Accounts\Models\User;
use App\Curing\Models\LiveSample;
use App\Curing\Models\OvenLoad;
use App\Platform\Clock\EffectiveTime;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** A logger that sends while it is in the oven; its samples correct the bake as readings do. */
final class LiveLogger
{
    /**
     * Samples of one couple are no news of each other: of each so many are taken into the reckoning, the first of each
     * of the last stretches. tests/Bench/correct.php measures the band with them.
     */
    private const TAKEN = 3;

    private const APART_S = 240.0;

    /** A couple that has only begun to see heat says nothing of the oven yet, s of the run. */
    private const NOT_BEFORE_S = 120.0;

    /** One sample of a couple in so many seconds is kept; a couple lags more than that. */
    private const SLOT_S = 5;

    /** A load keeps no more than this of all its loggers together. */
    private const MOST = 50_000;

    /**
     * Takes in a batch. A sample that is there already, or another of the same few seconds, is left as it is.
     *
     * @param  list<array{at: string, channel: string, c: float|int}>  $samples
     * @return int how many are new
     *
     * @throws Refused naming the sample that cannot be
     */
    public static function take(OvenLoad $bake, string $logger, array $samples, User $by): int
    {
        if (! $bake->isRunning() || $bake->shut_at === null) {
            throw Refused::because([
                'load' => "This load is {$bake->status}; a logger speaks of one that bakes.",
            ]);
        }
        $rows = [];
        foreach ($samples as $n => $one) {
            $at = CarbonImmutable::parse($one['at'])->utc();
            $began = $bake->beganAt() ?? $bake->shut_at;
            self::mustBe($at, $began, "samples/{$n}/at");
            $rows[] = [
                'oven_load_id' => $bake->id,
                'logger' => $logger,
                'channel' => trim($one['channel']),
                'slot' => intdiv((int) $began->diffInSeconds($at), self::SLOT_S),
                'at' => $at->format('Y-m-d H:i:s.v'),
                'celsius' => (float) $one['c'],
                'user_id' => $by->id,
            ];
        }
        $there = DB::table('live_samples')->where('oven_load_id', $bake->id)->count();
        if ($there + count($rows) > self::MOST) {
            throw Refused::because(['samples' => 'This bake has '.self::MOST.' samples already.']);
        }

        return DB::table('live_samples')->insertOrIgnore($rows);
    }

    /**
     * @param  list<ReadableItem>  $items  in the order of the run
     * @return list<CoreReading>
     */
    public static function readings(OvenLoad $load, array $items): array
    {
        $readings = [];
        foreach ($items as $n => $one) {
            foreach (self::thinned($load, self::plain($one->item->name)) as [$second, $celsius]) {
                try {
                    $readings[] = CoreReading::of($n, $second, $celsius);
                } catch (InvalidInput) {
                    // A couple that hangs loose reads what no part can be: it does not count, and stays in the file.
                }
            }
        }

        return $readings;
    }

    /** @return list<array{float, float}> second of the run, and the air, °C */
    public static function air(OvenLoad $load): array
    {
        return self::thinned($load, LoggerColumn::AIR);
    }

    /**
     * Whether it says of everything in the load, and of the air, all that is taken into the reckoning: what the band is
     * worth was measured with that.
     *
     * @param  list<ReadableItem>  $items
     */
    public static function saysAll(OvenLoad $load, array $items): bool
    {
        $names = array_map(fn (ReadableItem $one): string => self::plain($one->item->name), $items);
        foreach ([LoggerColumn::AIR, ...$names] as $channel) {
            if (count(self::thinned($load, $channel)) < self::TAKEN) {
                return false;
            }
        }

        return true;
    }

    /**
     * The loggers that ride in a load, and what each said last.
     *
     * @return list<array{logger: string, at: CarbonImmutable, says: array<string, float>}>
     */
    public static function riders(OvenLoad $load): array
    {
        $riders = self::samples($load)->groupBy('logger')->map(fn (Collection $of, string $logger): array => [
            'logger' => $logger,
            'at' => $of->max('at'),
            'says' => $of->groupBy('channel')
                ->map(fn (Collection $mine): float => $mine->last()->celsius ?? NAN)->all(),
        ]);

        return array_values($riders->all());
    }

    private static function mustBe(CarbonImmutable $at, CarbonImmutable $began, string $field): void
    {
        $ago = $at->diffInMilliseconds(ShopClock::now());
        if ($at->lt($began) || $ago < -EffectiveTime::AHEAD_MS) {
            throw Refused::because([
                $field => 'That moment is not of this bake; allowed: from when its door opened up to now.',
            ]);
        }
    }

    /** @return list<array{float, float}> second of the run, °C */
    private static function thinned(OvenLoad $load, string $channel): array
    {
        $first = [];
        foreach (self::samples($load) as $one) {
            if (self::plain($one->channel) !== $channel) {
                continue;
            }
            $second = LoadSchedule::second($load->ran(), $one->at);
            // The first of each stretch, so that the reckoning stands until the next begins.
            $stretch = (int) floor($second / self::APART_S);
            if ($second >= self::NOT_BEFORE_S && ! isset($first[$stretch])) {
                $first[$stretch] = [$second, $one->celsius];
            }
        }

        return array_values(array_slice($first, -self::TAKEN));
    }

    /** @return Collection<int, LiveSample> in order of time */
    public static function samples(OvenLoad $load): Collection
    {
        return $load->liveSamples->toBase()->sortBy('at')->values();
    }

    /** Any name of the air is one. */
    private static function plain(string $name): string
    {
        return LoggerColumn::isAir($name) ? LoggerColumn::AIR : LoggerColumn::plain($name);
    }
}
