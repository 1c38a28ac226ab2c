<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Blast\BareSteel;
use Aenum\Core\Blast\BareSteelClock;
use Aenum\Core\Word\StepKind;
use App\Actions\Log\WriteLog;
use App\Models\BenchClock;
use App\Models\LogLine;
use App\Models\Lot;
use App\Models\Shop;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Bare steel and the air it stands in: its clock starts at the end of the blast and is set anew whenever the air is.
 */
final class BareSteelWatch
{
    /**
     * From the first piece blasted: what was bare already stays on its clock, unless all of it was swept anew.
     *
     * @param  float  $minutes  the blast took; its first piece has been bare so long
     */
    public function start(Lot $lot, User $by, float $minutes = 0.0, bool $anew = false): BenchClock
    {
        $running = self::running();
        $own = $running->where('lot_id', $lot->id)->first();
        if ($own !== null && ! $anew) {
            return $own;
        }
        if ($own !== null) {
            (new RunClock())->stop($own, $by);
        }
        $clock = (new RunClock())->start($lot, $by, BenchClock::BARE_STEEL, 'Bare steel: first powder on', 0, null);
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
    public function after(Lot $lot, StepKind $step, User $by, ?CarbonImmutable $at = null): void
    {
        if ($step->baresMetal() && $lot->part->metalKind()->family->rusts()) {
            $ago = $at === null ? 0.0 : max(0.0, $at->diffInMilliseconds(ShopClock::now()) / 60000);
            $this->start($lot, $by, $ago, anew: $step === StepKind::SweepBlast);
        } elseif ($step->keepsSteel() || $step === StepKind::Coat) {
            $this->covered($lot, $by);
        }
    }

    /** Powder that ended its clock is off again: it has been bare since it was blasted. */
    public function baredAgain(Lot $lot, CarbonImmutable $coatedAfter, User $by): void
    {
        $ended = BenchClock::query()->where('lot_id', $lot->id)->where('step', BenchClock::BARE_STEEL)
            ->where('done_at', '>=', $coatedAfter->format('Y-m-d H:i:s.v'))->orderByDesc('id')->first();
        if ($ended !== null) {
            $this->start($lot, $by, $ended->started_at->diffInMilliseconds(ShopClock::now()) / 60000);
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
    public static function usedOf(Lot $lot): ?float
    {
        $clocks = self::running();
        $clocks->where('lot_id', $lot->id);
        $clock = $clocks->first();

        return $clock === null ? null : (new self())->steel($clock)->used;
    }

    /** A running clock that is over, on a lot. */
    public static function overrun(Lot $lot): ?BenchClock
    {
        $clocks = self::running();
        $clocks
            ->where('lot_id', $lot->id)
            ->where('due_at', '<=', ShopClock::now()->format('Y-m-d H:i:s.v'));

        return $clocks->first();
    }

    /** @return Collection<int, BenchClock> every clock running on bare steel, the first to run out first */
    public static function all(): Collection
    {
        $clocks = self::running();
        $clocks->whereHas('lot', fn ($lot) => $lot->where('fate', 'open'));
        $clocks->orderBy('due_at');

        return $clocks->get();
    }

    /** Powder is on, or a layer that keeps the steel: the clock has served. */
    public function covered(Lot $lot, User $by): void
    {
        $clocks = self::running();
        $clocks->where('lot_id', $lot->id);
        foreach ($clocks->get() as $clock) {
            (new RunClock())->stop($clock, $by);
        }
    }

    private function set(BenchClock $clock): void
    {
        $ends = min(BareSteelClock::LONGEST_S, $this->steel($clock)->endsAfterS);
        $clock->update(['due_at' => $clock->started_at->addMilliseconds((int) round(1000 * $ends))]);
    }

    private function steel(BenchClock $clock): BareSteel
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
        $air = [[0.0, LogLine::of('air')->where('at', '<=', $moment)->orderByDesc('at')->orderByDesc('id')->first()
            ?->figure('rh_pct') ?? Shop::current()->humidity_pct]];
        $after = LogLine::of('air')->where('at', '>', $moment)->orderBy('at')->orderBy('id');
        foreach ($after->get() as $line) {
            $air[] = [$start->diffInMilliseconds($line->at) / 1000, (float) $line->figure('rh_pct')];
        }

        return $air;
    }

    /** @return Builder<BenchClock> */
    private static function running(): Builder
    {
        return BenchClock::query()->with(['lot.part.job', 'lot.part.lots'])->where('step', BenchClock::BARE_STEEL)
            ->whereNull('done_at');
    }
}
