<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** Tries what would mend a date that cannot be kept, each by a plan of its own. */
final class LateOptions
{
    /** Overtime that is tried, min at the end of each day. House figures. */
    public const OVERTIME_MIN = [60.0, 120.0];

    /** A job that is to go first weighs so much. */
    private const FIRST = 1000.0;

    /**
     * The cheapest first: what costs nobody anything, then overtime, then what others pay, then the promise.
     *
     * @param  DayPlan  $plan  of the day, in which the job is late
     * @param  \Closure(): Budget  $budget  for each try
     * @return list<LateOption>
     */
    public static function of(ShopDay $day, DayPlan $plan, string $key, \Closure $budget): array
    {
        $ways = [];
        foreach (self::tries($day, $key) as [$kind, $minutes, $other, $watch]) {
            try {
                $ways[] = self::tried($plan, $key, $kind, $minutes, DayPlanner::plan($other, $budget()), $watch);
            } catch (Infeasible) {
                continue;
            }
        }
        $due = self::job($day, $key)->dueMin ?? INF;
        $end = $plan->endOf($key) ?? INF;
        $helps = fn (LateOption $way): bool => $way->endMin < $end - MovedStep::STILL_MIN;
        $ways = array_values(array_filter($ways, $helps));
        usort(
            $ways,
            fn (LateOption $a, LateOption $b): int => $b->meetsDate() <=> $a->meetsDate()
                ?: $a->lateMin <=> $b->lateMin,
        );
        $ways[] = new LateOption(LateOptionKind::Later, $end, max(0.0, $end - $due));

        return $ways;
    }

    /** @return list<array{LateOptionKind, float, ShopDay, string}> kind, overtime, the day so, the job to look at */
    private static function tries(ShopDay $day, string $key): array
    {
        $tries = [];
        $others = self::onOtherOvens($day, $key);
        $others === null || $tries[] = [LateOptionKind::OtherOven, 0.0, $others, $key];
        foreach (self::OVERTIME_MIN as $minutes) {
            $tries[] = [LateOptionKind::Overtime, $minutes, $day->with(
                array_map(fn (DayMachine $machine): DayMachine => $machine->longer($minutes), $day->machines),
                array_map(fn (DayPerson $person): DayPerson => $person->longer($minutes), $day->people),
            ), $key];
        }
        $tries[] = [LateOptionKind::First, 0.0, self::each($day, $key, fn (DayJob $job): array => [
            DayJob::of($job->key, $job->steps, $job->readyMin, $job->dueMin, self::FIRST),
        ]), $key];
        $isBegun = array_filter($day->begun, fn (PlacedStep $one): bool => $one->job === $key) !== [];
        if (! $isBegun) {
            $tries[] = [LateOptionKind::Split, 0.0, self::each($day, $key, self::halves(...)), "{$key} first half"];
        }

        return $tries;
    }

    /** @return list<DayJob> */
    private static function halves(DayJob $job): array
    {
        $half = array_map(fn (DayStep $step): DayStep => $step->halved(), $job->steps);

        return [
            DayJob::of("{$job->key} first half", $half, $job->readyMin, $job->dueMin, $job->weight),
            DayJob::of($job->key, $half, $job->readyMin, null, $job->weight),
        ];
    }

    /** Where it may go in any oven with room; null where it may already. */
    private static function onOtherOvens(ShopDay $day, string $key): ?ShopDay
    {
        $ovens = array_filter($day->machines, fn (DayMachine $machine): bool => $machine->isOven());
        $more = false;
        $wider = function (DayStep $step) use ($ovens, &$more): DayStep {
            $fit = array_filter($ovens, fn (DayMachine $oven): bool => $oven->room >= $step->room);
            $keys = array_values(array_map(fn (DayMachine $oven): string => $oven->key, $fit));
            if (array_diff($step->on, array_map(fn (DayMachine $m): string => $m->key, $ovens)) !== []) {
                return $step;
            }
            $more = $more || array_diff($keys, $step->on) !== [];

            return $step->onAny(array_values(array_unique([...$step->on, ...$keys])));
        };
        $wide = self::each($day, $key, fn (DayJob $job): array => [$job->withSteps(array_map($wider, $job->steps))]);

        return $more ? $wide : null;
    }

    /** @param  \Closure(DayJob): list<DayJob>  $change */
    private static function each(ShopDay $day, string $key, \Closure $change): ShopDay
    {
        $jobs = [];
        foreach ($day->jobs as $job) {
            array_push($jobs, ...($job->key === $key ? $change($job) : [$job]));
        }

        return $day->withJobs($jobs);
    }

    private static function job(ShopDay $day, string $key): DayJob
    {
        foreach ($day->jobs as $job) {
            if ($job->key === $key) {
                return $job;
            }
        }
        throw InvalidInput::outside('job', $key, 'a job of the day');
    }

    private static function tried(
        DayPlan $plan,
        string $key,
        LateOptionKind $kind,
        float $minutes,
        DayPlan $tried,
        string $watch,
    ): LateOption {
        $was = array_map(fn (LateJob $late): string => $late->job, $plan->late);
        $late = 0.0;
        $others = [];
        foreach ($tried->late as $one) {
            if ($one->job === $watch) {
                $late = $one->lateMin;
            } elseif ($one->job !== $key && ! in_array($one->job, $was, true)) {
                $others[] = $one->job;
            }
        }

        return new LateOption($kind, $tried->endOf($watch) ?? INF, $late, $minutes, $others);
    }
}
