<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Starts and stops timers at the stations; one timer per step and batch. */
final class RunTimer
{
    /** @throws Refused where it runs already */
    public function start(
        Batch $batch,
        User $by,
        string $step,
        string $label,
        float $minutes,
        ?float $tooLongMinutes,
    ): StepTimer {
        return DB::transaction(function () use ($batch, $by, $step, $label, $minutes, $tooLongMinutes): StepTimer {
            $held = Batch::findLocked($batch->id);
            $held->mustBeOpen();
            if (
                StepTimer::query()
                    ->where('batch_id', $held->id)
                    ->where('step', $step)
                    ->whereNull('done_at')
                    ->exists()
            ) {
                throw Refused::because(['step' => "{$label} runs already on {$held->partName()}."]);
            }
            $now = ShopClock::now();
            $in = fn (float $min): CarbonImmutable => $now->addMilliseconds((int) round(60000 * $min));

            return StepTimer::query()->create([
                'part_id' => $held->part_id,
                'batch_id' => $held->id,
                'step' => $step,
                'label' => mb_substr($label, 0, 120),
                'started_at' => $now,
                'user_id' => $by->id,
                'due_at' => $in($minutes),
                'late_at' => $tooLongMinutes === null ? null : $in($tooLongMinutes),
            ]);
        });
    }

    /**
     * Stops what runs on a lot, but for bare steel and the steps named.
     *
     * @param  list<string>  $but
     */
    public function stopAll(Batch $batch, User $by, array $but = []): void
    {
        $running = StepTimer::query();
        $running
            ->where('batch_id', $batch->id)
            ->whereNull('done_at')
            ->whereNotIn('step', [StepTimer::BARE_STEEL, ...$but]);
        foreach ($running->get() as $clock) {
            $this->stop($clock, $by);
        }
    }

    public function stop(StepTimer $clock, User $by): void
    {
        $running = StepTimer::query()->whereKey($clock->id)->whereNull('done_at')->lockForUpdate()->first();
        $running?->update(['done_at' => ShopClock::now(), 'done_by' => $by->id]);
    }
}
