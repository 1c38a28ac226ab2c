<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** How early every step could be, had its job the shop to itself; no plan has any of them earlier. */
final readonly class SingleJobRelaxation
{
    /**
     * @param  list<float>  $from  step => min, INF where it can never be
     * @param  list<float>  $end  job => end of its last step
     * @param  array<int, float>  $rest  step => least minutes from its end to the end of its job
     */
    private function __construct(
        private PackedDay $day,
        public array $from,
        public array $end,
        public array $rest,
    ) {
    }

    /** Works it out; what has begun stands where it began, and longest waits do not count. */
    public static function in(PackedDay $day): self
    {
        $from = $end = [];
        $rest = array_fill(0, $day->steps, 0.0);
        for ($job = 0; $job < $day->jobs; $job++) {
            $at = $day->ready[$job];
            for ($step = $day->first[$job]; $step <= $day->last[$job]; $step++) {
                $at = isset($day->begun[$step]) ? $day->begun[$step][2] : self::earliest($day, $step, $at);
                $from[] = $at;
                $end[$job] = $at + $day->minutes[$step];
                $at = max($end[$job] + $day->waitMin[$step], $day->ready[$job]);
            }
            for ($step = $day->last[$job] - 1; $step >= $day->first[$job]; $step--) {
                $rest[$step] = $day->waitMin[$step] + $day->minutes[$step + 1] + $rest[$step + 1];
            }
        }

        return new self($day, $from, array_values($end), $rest);
    }

    private static function earliest(PackedDay $day, int $step, float $at): float
    {
        $best = INF;
        foreach ($day->on[$step] as $machine) {
            foreach ($day->able[$step] ?: [-1] as $person) {
                $from = $at;
                do {
                    $was = $from;
                    $from = PackedSpans::fit($day->open[$machine], $from, $day->minutes[$step]);
                    $from = $person < 0 ? $from : PackedSpans::fit($day->there[$person], $from, $day->hands[$step]);
                } while ($from > $was && $from < INF);
                $best = min($best, $from);
            }
        }

        return $best;
    }

    /**
     * The same day without the windows that run already and that their jobs cannot keep even alone.
     *
     * @return array{ShopDay, list<string>} and the jobs whose windows those were
     */
    public static function withoutHopeless(ShopDay $day): array
    {
        $packed = new PackedDay($day);

        return self::withoutRunning(
            $day,
            fn (int $job): bool => ! (new Timetable($packed))->put($job, new PlacementPreference()),
        );
    }

    /**
     * The same day without windows that run already.
     *
     * @param  ?\Closure(int): bool  $which  by the number of the job; null for all
     * @return array{ShopDay, list<string>} and the jobs whose windows those were
     */
    public static function withoutRunning(ShopDay $day, ?\Closure $which = null): array
    {
        $begun = $without = [];
        foreach ($day->begun as $one) {
            $begun[$one->job][$one->step] = true;
        }
        $jobs = $day->jobs;
        foreach ($jobs as $n => $job) {
            $runs = fn (DayStep $step): bool => isset($begun[$job->key][$step->key]) && $step->waitMax !== null;
            if (array_filter($job->steps, $runs) !== [] && ($which === null || $which($n))) {
                $jobs[$n] = $job->withSteps(array_map(
                    fn (DayStep $step): DayStep => $runs($step) ? $step->withoutWindow() : $step,
                    $job->steps,
                ));
                $without[] = $job->key;
            }
        }

        return [$without === [] ? $day : $day->withJobs($jobs), $without];
    }

    /**
     * The same day without jobs that find no time even alone.
     *
     * @return array{ShopDay, list<string>} and which those are
     */
    public static function withoutImpossible(ShopDay $day): array
    {
        $packed = new PackedDay($day);
        $jobs = $impossible = [];
        foreach ($day->jobs as $n => $job) {
            $isBegun = isset($packed->begun[$packed->first[$n]]);
            if ($isBegun || (new Timetable($packed))->put($n, new PlacementPreference())) {
                $jobs[] = $job;
            } else {
                $impossible[] = $job->key;
            }
        }

        return [$impossible === [] ? $day : $day->withJobs($jobs), $impossible];
    }

    /** Why a job could not be put anywhere, by its step. */
    public function refusal(int $job): Infeasible
    {
        $day = $this->day;
        $key = $day->day->jobs[$job]->key;
        for ($step = $day->first[$job]; $step <= $day->last[$job]; $step++) {
            if ($this->from[$step] === INF) {
                return new Infeasible(
                    $key,
                    $day->key[$step],
                    'finds no time when a machine for it and hands for it are there at once',
                    'hours that hold it',
                );
            }
        }
        $table = new Timetable($day);
        if ($table->put($job, new PlacementPreference())) {
            return new Infeasible(
                $key,
                $day->key[$day->last[$job]],
                'finds no time beside the other jobs before everything shuts',
                'more hours, or fewer jobs',
            );
        }
        $step = $this->tightest($job);

        return new Infeasible(
            $key,
            $day->key[$step],
            "begins more than {$day->waitMax[$step - 1]} min after {$day->key[$step - 1]} in every order there is",
            'hours or a wait_max that let it follow in time',
        );
    }

    /** The step that is furthest beyond its window when its job goes as early as it can. */
    private function tightest(int $job): int
    {
        $day = $this->day;
        $worst = min($day->first[$job] + 1, $day->last[$job]);
        $most = -INF;
        for ($step = $day->first[$job] + 1; $step <= $day->last[$job]; $step++) {
            $over = $this->from[$step] - $this->from[$step - 1] - $day->minutes[$step - 1] - $day->waitMax[$step - 1];
            if ($over > $most) {
                [$most, $worst] = [$over, $step];
            }
        }

        return $worst;
    }
}
