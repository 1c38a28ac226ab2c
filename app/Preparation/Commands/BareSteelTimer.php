<?php

declare(strict_types=1);

namespace App\Preparation\Commands;

use Aenum\Core\Preparation\Blasting\BareSteel;
use Aenum\Core\Preparation\Blasting\BareSteelClock;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\RunTimer;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The timer of bare steel: it starts at the end of the blast and is updated with every air reading. */
final class BareSteelTimer
{
    /**
     * From the first piece blasted: what was bare already stays on its clock, unless all of it was swept anew.
     *
     * @param  float  $minutes  the blast took; its first piece has been bare so long
     */
    public function start(Batch $batch, User $by, float $minutes = 0.0, bool $restart = false): StepTimer
    {
        $running = self::running();
        $own = $running->where('batch_id', $batch->id)->first();
        if ($own !== null && ! $restart) {
            return $own;
        }
        if ($own !== null) {
            (new RunTimer())->stop($own, $by);
        }
        $clock = (new RunTimer())->start($batch, $by, StepTimer::BARE_STEEL, 'Bare steel: first powder on', 0, null);
        $began = $clock->started_at->subMilliseconds((int) round(60000 * $minutes));
        $clock->update(['started_at' => $began]);
        $this->set($clock);

        return $clock;
    }

    /**
     * What a step does to bare steel, however it came to be ticked: a blast bares it, a layer or powder covers it.
     *
     * @param  CarbonImmutable|null  $at  when the step was over, where it was not now
     */
    public function after(Batch $batch, StepKind $step, User $by, ?CarbonImmutable $at = null): void
    {
        if ($step->baresMetal() && $batch->part->metalKind()->family->rusts()) {
            $ago = $at === null ? 0.0 : max(0.0, $at->diffInMilliseconds(ShopClock::now()) / 60000);
            $this->start($batch, $by, $ago, restart: $step === StepKind::SweepBlast);
        } elseif ($step->keepsSteel() || $step === StepKind::Coat) {
            $this->covered($batch, $by);
        }
    }

    /** Powder that ended its clock is off again: it has been bare since it was blasted. */
    public function baredAgain(Batch $batch, CarbonImmutable $coatedAfter, User $by): void
    {
        $ended = StepTimer::query()->where('batch_id', $batch->id)->where('step', StepTimer::BARE_STEEL)
            ->where('done_at', '>=', $coatedAfter->format('Y-m-d H:i:s.v'))->orderByDesc('id')->first();
        if ($ended !== null) {
            $this->start($batch, $by, $ended->started_at->diffInMilliseconds(ShopClock::now()) / 60000);
        }
    }

    /** Writes the air down, and sets every clock on bare steel by it. */
    public function air(User $by, float $airC, float $humidityPct, string $from): LogLine
    {
        return DB::transaction(function () use ($by, $airC, $humidityPct, $from): LogLine {
            $line = WriteLog::line('air', $from, ['air_c' => $airC, 'rh_pct' => $humidityPct], $by);
            foreach (self::running()->get() as $clock) {
                $this->set($clock);
            }

            return $line;
        });
    }

    /** Share of its time a lot's bare steel has used up; null where no clock runs on it. */
    public static function usedOf(Batch $batch): ?float
    {
        $clock = $batch->bareSteelClock();

        return $clock === null ? null : (new self())->steel($clock)->used;
    }

    /** A running clock that is over, on a lot. */
    public static function overrun(Batch $batch): ?StepTimer
    {
        $clocks = self::running();
        $clocks
            ->where('batch_id', $batch->id)
            ->where('due_at', '<=', ShopClock::now()->format('Y-m-d H:i:s.v'));

        return $clocks->first();
    }

    /** @return Collection<int, StepTimer> every clock running on bare steel, the first to run out first */
    public static function all(): Collection
    {
        $clocks = self::running();
        $clocks->whereHas('batch', fn ($batch) => $batch->where('status', 'open'));
        $clocks->orderBy('due_at');

        return $clocks->get();
    }

    /** Powder is on, or a layer that keeps the steel: the clock has served. */
    public function covered(Batch $batch, User $by): void
    {
        $clocks = self::running();
        $clocks->where('batch_id', $batch->id);
        foreach ($clocks->get() as $clock) {
            (new RunTimer())->stop($clock, $by);
        }
    }

    private function set(StepTimer $clock): void
    {
        $ends = min(BareSteelClock::LONGEST_S, $this->steel($clock)->endsAfterS);
        $clock->update(['due_at' => $clock->started_at->addMilliseconds((int) round(1000 * $ends))]);
    }

    private function steel(StepTimer $clock): BareSteel
    {
        return BareSteel::in(
            $this->airSince($clock->started_at),
            $clock->started_at->diffInMilliseconds(ShopClock::now()) / 1000,
            Shop::current()->by_the_sea,
        );
    }

    /** @return non-empty-list<array{float, float}> */
    private function airSince(CarbonImmutable $start): array
    {
        $moment = $start->format('Y-m-d H:i:s.v');
        $before = LogLine::of('air')->where('at', '<=', $moment)->toBase()->selectRaw('MAX(at)');
        $lines = LogLine::of('air')->where(fn (Builder $of) => $of->where('at', '>', $moment)->orWhere('at', $before));
        $air = [[0.0, Shop::current()->humidity_pct]];
        foreach ($lines->orderBy('at')->orderBy('id')->get() as $line) {
            $humidity = (float) $line->figure('rh_pct');
            $line->at->lte($start)
                ? $air[0] = [0.0, $humidity]
                : $air[] = [$start->diffInMilliseconds($line->at) / 1000, $humidity];
        }

        return $air;
    }

    /** @return Builder<StepTimer> */
    private static function running(): Builder
    {
        return StepTimer::query()->with(['batch.part.job', 'batch.part.batches'])->where('step', StepTimer::BARE_STEEL)
            ->whereNull('done_at');
    }
}
