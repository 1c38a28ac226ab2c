<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Scheduling\CycleTime;
use Aenum\Core\Scheduling\DayPlan as Planned;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\Infeasible;
use Aenum\Core\Scheduling\SingleJobRelaxation;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Scheduling\Commands\PlanDay;
use App\Scheduling\Models\DayPlan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** When a possible job would be done, who would be late because of it, and its cycle time. */
final readonly class WhatIf
{
    /** It is searched for so much shorter than a plan. */
    private const SHARE = 0.2;

    /** Parts a counter offers. */
    private const MOST_PARTS = 200;

    /**
     * @param  list<string>  $others  jobs that are late with it and not without
     */
    private function __construct(
        public ?CarbonImmutable $done,
        public ?float $lateMin,
        public array $others,
        public ?CycleTime $rhythm,
        public int $loads,
        private ?ShopDaySnapshot $shop,
    ) {
    }

    /** @return array<int, string> parts a new job can be like, the latest first */
    public static function parts(): array
    {
        $parts = Part::query()->with('job')->whereHas('coats')->whereNull('withdrawn_at')->orderByDesc('id')
            ->limit(self::MOST_PARTS);

        return $parts->get()->mapWithKeys(fn (Part $part): array => [
            $part->id => "{$part->name}, as in job {$part->job->number}",
        ])->all();
    }

    /** Were so many pieces like a part taken in now. Nothing of it stays. */
    public static function taken(Part $like, int $count, ?CarbonImmutable $due): self
    {
        $standing = StandingPlan::read()->orEmpty();
        DB::beginTransaction();
        try {
            return self::tried($standing, $like, $count, $due);
        } catch (Infeasible) {
            return new self(null, null, [], null, 0, null);
        } finally {
            DB::rollBack();
        }
    }

    private static function tried(DayPlan $standing, Part $like, int $count, ?CarbonImmutable $due): self
    {
        $batch = self::batch($like, $count, $due);
        $with = (new ReadShopDay($standing->steps->toBase()))->read([$batch]);
        $mine = $with->batches[$batch->id] ?? null;
        $is = self::plan($with);
        $was = array_column($standing->says['late'] ?? [], 'lot');
        $ends = [];
        foreach (range(1, $mine->on->loads ?? 1) as $load) {
            $ends[] = $is->endOf("{$batch->id}.{$load}") ?? -INF;
        }
        $end = max($ends);
        $others = array_diff(array_keys($with->late($is)), $was, [$batch->id]);

        return new self(
            is_finite($end) ? $with->hours->moment($end) : null,
            $mine?->dueMin === null || ! is_finite($end) ? null : max(0.0, $end - $mine->dueMin),
            array_values(array_unique(array_map(
                fn (int $id): string => (string) $with->batches[$id]->batch->part->job->number,
                $others,
            ))),
            $mine === null || $mine->on->loads < 2 ? null : CycleTime::of(
                array_values(array_filter($mine->work->steps, fn (DayStep $step): bool => $step->minutes > 0)),
                $with->day->machines,
                $with->day->people,
            ),
            $mine->on->loads ?? 1,
            $with,
        );
    }

    private static function plan(ShopDaySnapshot $shop): Planned
    {
        [$day] = SingleJobRelaxation::withoutHopeless($shop->day);

        return PlanDay::plan($day, self::SHARE * config('app.day_seconds'));
    }

    /** The part again, with a lot of its own that nothing was done to. */
    private static function batch(Part $like, int $count, ?CarbonImmutable $due): Batch
    {
        $job = $like->job->replicate(['number']);
        $job->number = (int) $like->job->newQuery()->max('number') + 1;
        $job->status = 'open';
        $job->due_on = $due;
        $job->saveQuietly();
        $part = $like->replicate(['is_built']);
        $part->job_id = $job->id;
        $part->count = $count;
        $part->saveQuietly();
        foreach (['coats', 'traits', 'ways', 'steps', 'pins'] as $of) {
            foreach ($like->{$of} as $one) {
                $copy = $one->replicate(['stands', 'mended_by']);
                $copy->part_id = $part->id;
                $of === 'pins' ? $copy->setAttribute('picture_id', null) : null;
                $copy->saveQuietly();
            }
        }
        if ($like->rack !== null) {
            $rack = $like->rack->replicate();
            $rack->part_id = $part->id;
            $rack->saveQuietly();
        }
        $batch = new Batch();
        $batch->forceFill([
            'part_id' => $part->id, 'number' => 1, 'count' => $count, 'station' => 'strip', 'status' => 'open',
            'born_at' => ShopClock::now(),
        ])->saveQuietly();

        return Batch::query()->findOrFail($batch->id);
    }

    /** The answer in a sentence. */
    public function headline(): string
    {
        return match (true) {
            $this->done === null => 'Not within the next '.ReadShopDay::DAYS.' days by the hours and hands there are.',
            $this->others !== [] => 'Done '.ShopClock::time($this->done).', but it makes others late: job '
                .implode(', ', $this->others).'.',
            ($this->lateMin ?? 0) > 0 => 'Done '.ShopClock::time($this->done).': '
                .Units::minutes((float) $this->lateMin).' after the date wished for; nobody else is late by it.',
            default => 'Done '.ShopClock::time($this->done).'; nobody is late by it.',
        };
    }

    public function tone(): string
    {
        return $this->done !== null && $this->others === [] && ($this->lateMin ?? 0) <= 0 ? 'good' : 'stop';
    }

    /** In what rhythm many loads of it go, in words; null for a single one. */
    public function rhythmWords(): ?string
    {
        if ($this->rhythm === null) {
            return null;
        }
        $by = $this->rhythm->byHands ? 'hands' : $this->shop?->machines[$this->rhythm->heldBy]->name ?? 'the benches';

        return "{$this->loads} loads; at best one every ".Units::minutes($this->rhythm->everyMin)
            .", and what allows no more is {$by}.";
    }

    /** @return array<string, string> what each bench, and all hands, have to do for one load */
    public function shares(): array
    {
        $shares = [];
        foreach ($this->rhythm->minutes ?? [] as $key => $minutes) {
            $name = $key === 'hands' ? 'hands, shared by all' : $this->shop?->machines[$key]->name ?? $key;
            $shares[$name] = Units::minutes($minutes);
        }

        return $shares;
    }
}
