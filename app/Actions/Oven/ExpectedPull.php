<?php

declare(strict_types=1);

namespace App\Actions\Oven;

use App\Models\OvenLoad;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** When a running load is to be pulled: as last worked out from its readings, or as it is set. */
final class ExpectedPull
{
    private const KEEP_S = 7 * 86400;

    public static function of(OvenLoad $load): CarbonImmutable
    {
        $known = Cache::get(self::key($load));

        return is_numeric($known)
            ? CarbonImmutable::createFromTimestampMs((int) $known, 'UTC')
            : ($load->timer_out_at ?? $load->ran()->setPullAt() ?? ShopClock::now());
    }

    public static function remember(OvenLoad $load, CarbonImmutable $at): void
    {
        Cache::put(self::key($load), $at->getTimestampMs(), self::KEEP_S);
    }

    private static function key(OvenLoad $load): string
    {
        return "pull-{$load->id}-".$load->shut_at?->getTimestampMs();
    }
}
