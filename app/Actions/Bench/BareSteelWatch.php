<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Blast\BareSteel;
use Aenum\Core\Blast\BareSteelClock;
use Aenum\Core\Word\Lives;
use App\Actions\Log\WriteLog;
use App\Models\BenchClock;
use App\Models\Job;
use App\Models\LogLine;
use App\Models\Part;
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
    public function start(Part $part, User $by): BenchClock
    {
        $running = self::running();
        $running->where('part_id', $part->id);
        foreach ($running->get() as $old) {
            (new RunClock())->stop($old, $by);
        }
        $clock = (new RunClock())->start(
            $part,
            $by,
            BenchClock::BARE_STEEL,
            'Bare steel: first powder on',
            0,
            null,
        );
        $this->set($clock);

        return $clock;
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

    /** Share of its time a part's bare steel has used up; null where no clock runs on it. */
    public static function usedOf(Part $part): ?float
    {
        $clocks = self::running();
        $clocks->where('part_id', $part->id);
        $clock = $clocks->first();

        return $clock === null ? null : (new self())->steel($clock)->used;
    }

    /** A running clock that is over, on any part of a job. */
    public static function overrun(Job $job): ?BenchClock
    {
        $clocks = self::running();
        $clocks
            ->whereIn('part_id', $job->parts()->pluck('id'))
            ->where('due_at', '<=', ShopClock::now()->format('Y-m-d H:i:s.v'));

        return $clocks->first();
    }

    /** @return Collection<int, BenchClock> every clock running on bare steel, the first to run out first */
    public static function all(): Collection
    {
        $clocks = self::running();
        $clocks->whereHas('part.job', fn ($job) => $job->where('status', 'open'));
        $clocks->orderBy('due_at');

        return $clocks->get();
    }

    /** Powder is on: what ran in time has served. */
    public function powderOn(Job $job, User $by): void
    {
        $clocks = self::running();
        $clocks->whereIn('part_id', $job->parts()->pluck('id'));
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
            $clock->part->job->lives === Lives::Coast->value,
        );
    }

    /** @return non-empty-list<array{float, float}> */
    private function airSince(CarbonImmutable $start): array
    {
        $moment = $start->format('Y-m-d H:i:s.v');
        $lines = LogLine::of('air');
        $lines->where('at', '<=', $moment)->orderByDesc('at')->orderByDesc('id');
        $air = [[0.0, $lines->first()?->figure('rh_pct') ?? Shop::current()->humidity_pct]];
        $after = LogLine::of('air');
        $after->where('at', '>', $moment)->orderBy('at')->orderBy('id');
        foreach ($after->get() as $line) {
            $air[] = [$start->diffInMilliseconds($line->at) / 1000, (float) $line->figure('rh_pct')];
        }

        return $air;
    }

    /** @return Builder<BenchClock> */
    private static function running(): Builder
    {
        $clocks = BenchClock::query()->with('part.job');
        $clocks->where('step', BenchClock::BARE_STEEL)->whereNull('done_at');

        return $clocks;
    }
}
