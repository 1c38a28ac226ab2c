<?php

declare(strict_types=1);

namespace App\ShopFloor\ViewModels;

use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;

/** All running timers of the shop, the first to expire first. */
final class RunningTimers
{
    /** More than a screen has room for. */
    private const MOST = 12;

    /** @return list<array{at: CarbonImmutable, what: string, past: string}> */
    public static function all(): array
    {
        $clocks = [];
        foreach (OvenLoad::query()->where('status', 'running')->with(['oven', 'items.part'])->get() as $load) {
            $pull = UpdateExpectedPull::of($load);
            $clocks[] = [
                'at' => $pull,
                'what' => "{$load->oven->name}: {$load->partNames()}, pull at ".ShopClock::time($pull),
                'past' => 'pull now',
            ];
        }
        $benches = StepTimer::query()->with(['part.job', 'batch'])
            ->whereHas('batch', fn ($batch) => $batch->where('status', 'open'))->whereNull('done_at')->orderBy('due_at')
            ->limit(self::MOST);
        foreach ($benches->get() as $clock) {
            $clocks[] = [
                'at' => $clock->due_at,
                'what' => "{$clock->part->name}, job {$clock->part->job->number}: {$clock->label}",
                'past' => 'over',
            ];
        }
        usort($clocks, fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return $clocks;
    }
}
