<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\BenchClock;
use App\Models\Lot;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Starts and stops the clocks at the benches. One clock of a step runs on a lot at a time. */
final class RunClock
{
    /** @throws ValidationException where it runs already */
    public function start(
        Lot $lot,
        User $by,
        string $step,
        string $label,
        float $minutes,
        ?float $tooLongMinutes,
    ): BenchClock {
        return DB::transaction(function () use ($lot, $by, $step, $label, $minutes, $tooLongMinutes): BenchClock {
            $held = Lot::held($lot->id);
            $held->mustBeOpen();
            if (
                BenchClock::query()
                    ->where('lot_id', $held->id)
                    ->where('step', $step)
                    ->whereNull('done_at')
                    ->exists()
            ) {
                throw ValidationException::withMessages(['step' => "{$label} runs already on {$held->partName()}."]);
            }
            $now = ShopClock::now();
            $in = fn (float $min): CarbonImmutable => $now->addMilliseconds((int) round(60000 * $min));

            return BenchClock::query()->create([
                'part_id' => $held->part_id,
                'lot_id' => $held->id,
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
    public function stopAll(Lot $lot, User $by, array $but = []): void
    {
        $running = BenchClock::query();
        $running
            ->where('lot_id', $lot->id)
            ->whereNull('done_at')
            ->whereNotIn('step', [BenchClock::BARE_STEEL, ...$but]);
        foreach ($running->get() as $clock) {
            $this->stop($clock, $by);
        }
    }

    public function stop(BenchClock $clock, User $by): void
    {
        $running = BenchClock::query()->whereKey($clock->id)->whereNull('done_at')->lockForUpdate()->first();
        $running?->update(['done_at' => ShopClock::now(), 'done_by' => $by->id]);
    }
}
