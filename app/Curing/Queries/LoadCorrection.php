<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\Correction;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading as CoreReading;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven as HeatOven;
use Aenum\Core\Thermal\OvenSchedule;
use App\Accounts\Models\Shop;
use App\Curing\Models\OvenLoad;
use App\Platform\Clock\ShopClock;
use Illuminate\Support\Facades\Cache;

/** The bake corrected by readings; the same readings on the same run are computed once. */
final class LoadCorrection
{
    /** How the shop's infrared gun is used, as the reading form has it; empty until somebody was asked. */
    public static function usualDoor(): string
    {
        $open = Shop::current()->reads_door_open;

        return $open === null ? '' : ($open ? 'open' : 'shut');
    }

    private const KEEP_S = 86400;

    /**
     * @param  list<ReadableItem>  $items  in the order of the run
     * @return list<CoreReading>
     */
    public static function readings(OvenLoad $load, array $items): array
    {
        $readings = [];
        foreach ($load->readings as $reading) {
            $key = $reading->oven_load_item_id.'-'.($reading->section_id ?? 0);
            $position = ReadableItem::position($items, $key);
            if ($position !== null) {
                $second = LoadSchedule::second($load->ran(), $reading->at);
                $readings[] = CoreReading::of($position, $second, $reading->celsius);
            }
        }

        return [...$readings, ...LiveLogger::readings($load, $items)];
    }

    /** @return list<array{float, float}> second of the run, and the air as the oven showed it then, °C */
    public static function displays(OvenLoad $load): array
    {
        $shown = [];
        foreach ($load->readings as $reading) {
            if ($reading->display_c !== null) {
                $shown[] = [LoadSchedule::second($load->ran(), $reading->at), $reading->display_c];
            }
        }

        return [...$shown, ...LiveLogger::air($load)];
    }

    /**
     * @param  list<LoadItem>  $items
     * @param  list<CoreReading>  $readings
     */
    public static function fit(HeatOven $oven, array $items, OvenSchedule $schedule, array $readings): Correction
    {
        if ($readings === []) {
            return Correction::none();
        }
        $key = 'correction-'.hash('xxh128', serialize([$oven, $items, $schedule, $readings]));
        $fit = Cache::get($key);
        if (! $fit instanceof Correction) {
            $fit = Correction::fit($oven, $items, $schedule, $readings);
            Cache::put($key, $fit, self::KEEP_S);
        }

        return $fit;
    }

    /**
     * How sure the minutes are, and since which log.
     *
     * @param  list<ReadableItem>  $items  what hangs in it
     */
    public static function sureLine(OvenLoad $load, bool $isRead, array $items): string
    {
        $taught = LoadSnapshot::oven($load->ran())->taught();
        $since = $taught?->words(ShopClock::local($taught->since)->format('j F Y'));

        $rides = $load->isRunning() && LiveLogger::saysAll($load, $items);

        return match (true) {
            $since !== null && $rides => "The oven is {$since}, and a logger rides along.",
            $rides && $isRead => 'A logger rides along: measured over ovens nobody knew, the true moment lies in it '
                .'nineteen times in twenty.',
            $since !== null && $isRead => "The oven is {$since}: the true moment lies in it two times in three.",
            $since !== null => "The oven is {$since}. A reading on the floor narrows the pull.",
            $isRead => 'Measured over ovens nobody knew, the true moment lies in it two times in three.',
            default => 'No log has taught this oven: its figures may be far off, so read a part before you pull.',
        };
    }

    /**
     * The band of the pull, run minutes.
     *
     * @param  list<mixed>  $facts  all it comes from
     * @param  \Closure(): PullEnsemble  $crowd
     * @return array{?float, ?float, ?float} from, when to pull, to
     */
    public static function band(array $facts, \Closure $crowd): array
    {
        $key = 'band-'.hash('xxh128', serialize($facts));
        $band = Cache::get($key);
        if (! is_array($band)) {
            $told = $crowd();
            $band = [$told->lowMinutes, $told->minutes, $told->highMinutes];
            Cache::put($key, $band, self::KEEP_S);
        }

        return [$band[0] ?? null, $band[1] ?? null, $band[2] ?? null];
    }
}
