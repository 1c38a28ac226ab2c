<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use App\Curing\Models\OvenLoad;
use App\Platform\Clock\ShopClock;
use Carbon\CarbonImmutable;

/** Stores when a running load is expected to be pulled; every write that changes it updates it. */
final class UpdateExpectedPull
{
    /** Returns the kept time; a load that has none yet is pulled as it was set. */
    public static function of(OvenLoad $load): CarbonImmutable
    {
        return $load->expected_pull_at ?? $load->timer_out_at ?? $load->ran()->setPullAt() ?? ShopClock::now();
    }

    /** Keeps a newly computed time; it is derived, so it leaves no audit entry. */
    public static function remember(OvenLoad $load, CarbonImmutable $at): void
    {
        OvenLoad::query()->toBase()->where('id', $load->id)->update([
            'expected_pull_at' => $at->utc()->format('Y-m-d H:i:s.v'),
        ]);
        $load->setAttribute('expected_pull_at', $at)->syncOriginalAttribute('expected_pull_at');
    }
}
