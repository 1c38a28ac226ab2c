<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Blast\BareSteel;
use App\Models\BenchClock;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Bare steel and the air it stands in: its clock starts at the end of the blast and is set anew whenever the air is. */
final class BareSteelWatch
{
    public function start(Part $part, User $by): BenchClock
    {
        $running = self::running();
        $running->where('part_id', $part->id);
        foreach ($running->get() as $old) {
            (new RunClock)->stop($old, $by);
        }
        $clock = (new RunClock)->start($part, $by, BenchClock::BARE_STEEL, 'Bare steel: first powder on', 0, null);
        $this->set($clock);

        return $clock;
    }

    /** Writes the air down, and sets every clock on bare steel by it. */
    public function air(User $by, float $airC, float $humidityPct, string $from): Entry
    {
        $entry = Entry::write('air', $from, ['air_c' => $airC, 'rh_pct' => $humidityPct], $by);
        foreach (self::running()->get() as $clock) {
            $this->set($clock);
        }

        return $entry;
    }

    /** The latest air written down; null before the first. */
    public static function latestAir(): ?Entry
    {
        $lines = Entry::of('air');
        $lines->orderByDesc('at')->orderByDesc('id');

        return $lines->first();
    }

    /** A running clock that is over, on any part of a job. */
    public static function overrun(Job $job): ?BenchClock
    {
        $clocks = self::running();
        $clocks->whereIn('part_id', $job->parts()->pluck('id'))->where('due_at', '<=', ShopClock::now()->format('Y-m-d H:i:s.v'));

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
            (new RunClock)->stop($clock, $by);
        }
    }

    private function set(BenchClock $clock): void
    {
        $steel = BareSteel::in($this->airSince($clock->started_at), $clock->started_at->diffInMilliseconds(ShopClock::now()) / 1000, $clock->part->job->lives === 'coast');
        $clock->update(['due_at' => $clock->started_at->addMilliseconds((int) round(1000 * min(8 * 3600, $steel->endsAfterS)))]);
    }

    /** @return non-empty-list<array{float, float}> */
    private function airSince(CarbonImmutable $start): array
    {
        $lines = Entry::of('air');
        $lines->where('at', '<=', $start->format('Y-m-d H:i:s.v'))->orderByDesc('at')->orderByDesc('id');
        $before = $lines->first();
        $air = [[0.0, (float) ($before->figures['rh_pct'] ?? Shop::current()->humidity_pct)]];
        $after = Entry::of('air');
        $after->where('at', '>', $start->format('Y-m-d H:i:s.v'))->orderBy('at')->orderBy('id');
        foreach ($after->get() as $entry) {
            $air[] = [$start->diffInMilliseconds($entry->at) / 1000, (float) $entry->figures['rh_pct']];
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
