<?php

declare(strict_types=1);

namespace App\Scheduling\ViewModels;

use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Scheduling\Models\DayPlan;
use App\Scheduling\Models\PlannedStep;
use App\Scheduling\Models\SchedulingPreference;
use App\Scheduling\Queries\ShopHours;
use App\Scheduling\Queries\StandingPlan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** One day of the plan: steps, late batches, moved steps, oven loads. */
final readonly class DayViewModel
{
    /** Days ahead a page offers. */
    private const AHEAD = 10;

    /**
     * @param  Collection<int, PlannedStep>  $steps  of the day
     * @param  list<LateRow>  $late
     * @param  list<MovedStepRow>  $moved
     */
    private function __construct(
        public DayPlan $plan,
        public CarbonImmutable $on,
        public Collection $steps,
        public array $late,
        public array $moved,
        private ShopHours $hours,
        public bool $isBeingMade,
    ) {
    }

    /** The plan that stands, on a day of the shop's. */
    public static function of(StandingPlan $standing, ?CarbonImmutable $on = null): self
    {
        $plan = $standing->orEmpty();
        $plan->loadMissing(
            ['steps.batch.part.job', 'steps.batch.part.batches', 'steps.bench', 'steps.oven', 'steps.user'],
        );
        $on ??= ShopClock::today();
        $steps = $plan->steps->toBase()->filter(
            fn (PlannedStep $step): bool => ShopClock::local($step->from_at)->isSameDay($on),
        )->values();

        return new self(
            $plan,
            $on,
            $steps,
            LateRow::all($plan),
            MovedStepRow::since($plan),
            ShopHours::from($on->startOfDay()->utc(), 1),
            ! $standing->isCurrent(),
        );
    }

    /** When it was planned, in words; null before the first. */
    public function plannedAt(): ?string
    {
        return $this->plan->exists ? ShopClock::time($this->plan->made_at) : null;
    }

    /** The day in a sentence. */
    public function headline(): string
    {
        $n = count($this->late);
        $left = $this->left();

        return match (true) {
            $left === 1 => 'One lot finds no time in the hours there are.',
            $left > 1 => "{$left} lots find no time in the hours there are.",
            ! $this->plan->exists => 'The first plan is being made.',
            $this->plan->steps->isEmpty() => 'Nothing is to be planned: no lot can go on.',
            $n === 0 => 'Every date is kept, as the plan stands.',
            $n === 1 => 'One lot will be late, as the plan stands.',
            default => "{$n} lots will be late, as the plan stands.",
        };
    }

    public function tone(): string
    {
        return $this->late === [] && $this->left() === 0 ? 'good' : 'stop';
    }

    /** How many lots find no time, all of them or the rest of it; none where an earlier release did not count them. */
    private function left(): int
    {
        return (int) ($this->plan->says['left'] ?? 0);
    }

    /** How far from perfect it may be, and when it was planned, in words. */
    public function sure(): string
    {
        $planned = $this->plannedAt();

        return $planned === null ? '' : "{$this->distance()} Planned {$planned}.";
    }

    private function distance(): string
    {
        $late = $this->plan->late_min;
        $bound = $this->plan->bound_min;

        return match (true) {
            $this->left() > 0 => 'How little late the others could be beside them is not known.',
            $late <= 0 => 'No plan is less late than this one.',
            $bound <= 0 => Units::minutes($late).' late in all; how little it could be is not known.',
            $late <= $bound + 1 => Units::minutes($late).' late in all, and no plan has less.',
            default => Units::minutes($late).' late in all; no plan has less than '.Units::minutes($bound).'.',
        };
    }

    public function bars(): GanttChart
    {
        $open = $this->hours->ofShop()->open[0] ?? [480.0, 1020.0];

        return GanttChart::of($this->steps, [$this->hours->moment($open[0]), $this->hours->moment($open[1])]);
    }

    /** @return array<string, string> days there are to look at, by their date */
    public function days(): array
    {
        $days = [];
        for ($n = 0; $n < self::AHEAD; $n++) {
            $day = ShopClock::today()->addDays($n);
            $isWorked = $n === 0 || $this->plan->steps->contains(
                fn (PlannedStep $step): bool => ShopClock::local($step->from_at)->isSameDay($day),
            );
            if ($isWorked) {
                $days[$day->toDateString()] = $n === 0 ? 'Today' : $day->format('D j M');
            }
        }

        return $days;
    }

    /** @return array<string, list<list<PlannedStep>>> oven => its bakes of the day, each with what is in it */
    public function ovens(): array
    {
        $ovens = [];
        foreach ($this->steps->whereNotNull('oven_id') as $step) {
            $ovens[$step->place()][$step->from_at->getTimestampMs()][] = $step;
        }

        return array_map(array_values(...), $ovens);
    }

    /** @return list<PlannedStep> what a person does from now on today, and what they do now */
    public function ofPerson(int $user): array
    {
        $now = ShopClock::now();

        return array_values($this->steps->filter(
            fn (PlannedStep $step): bool => $step->user_id === $user && $step->to_at->gt($now),
        )->all());
    }

    /** @return array<string, list<PlannedStep>> person => what they do that day */
    public function byPerson(): array
    {
        $by = [];
        foreach ($this->steps->whereNotNull('user_id') as $step) {
            $by[(string) $step->user?->name][] = $step;
        }
        ksort($by);

        return $by;
    }

    /** @return Collection<int, SchedulingPreference> */
    public static function wishes(): Collection
    {
        return SchedulingPreference::query()->with(
            ['batch.part.job', 'batch.part.batches', 'user'],
        )->whereNull('withdrawn_at')
            ->orderBy('id')->get()->toBase()->filter(
                fn (SchedulingPreference $wish): bool => $wish->batch->isOpen(),
            )->values();
    }

    /** @return array<int, string> lots something can be wished of, as a list offers them */
    public function batches(): array
    {
        $names = [];
        foreach ($this->plan->steps->unique('batch_id') as $step) {
            $names[$step->batch_id] = "{$step->batch->part->job->number}, {$step->batch->partName()}";
        }
        asort($names);

        return $names;
    }

    /** @return list<array{batch: Batch, why: string}> lots the plan leaves out, and why */
    public function held(): array
    {
        $held = $this->plan->says['held'] ?? [];
        $batches = Batch::query()->with(['part.job', 'part.batches'])->findMany(array_keys($held));

        return array_values(
            $batches->map(fn (Batch $batch): array => ['batch' => $batch, 'why' => $held[$batch->id]])->all(),
        );
    }

    /** When the last step of a lot ends; null where it is not in the plan. */
    public function endOf(Batch $batch): ?CarbonImmutable
    {
        return $this->plan->steps->where('batch_id', $batch->id)->max('to_at');
    }
}
