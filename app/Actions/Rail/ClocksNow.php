<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use App\Actions\Oven\ExpectedPull;
use App\Models\BenchClock;
use App\Models\OvenLoad;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;

/** Every clock that runs in the shop, the first to run out first: what a wall would show. */
final class ClocksNow
{
    /** More than a screen has room for. */
    private const MOST = 12;

    /** @return list<array{at: CarbonImmutable, what: string, past: string}> */
    public static function all(): array
    {
        $clocks = [];
        foreach (OvenLoad::query()->where('status', 'running')->with(['oven', 'items.part'])->get() as $load) {
            $pull = ExpectedPull::of($load);
            $clocks[] = [
                'at' => $pull,
                'what' => "{$load->oven->name}: {$load->partNames()}, pull at ".ShopClock::time($pull),
                'past' => 'pull now',
            ];
        }
        $benches = BenchClock::query()->with(['part.job', 'lot'])
            ->whereHas('lot', fn ($lot) => $lot->where('fate', 'open'))->whereNull('done_at')->orderBy('due_at')
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
