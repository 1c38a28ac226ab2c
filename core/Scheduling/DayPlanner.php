<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Makes a plan of a day: jobs are put in by several orders, first due first among them; then some are taken out and put
 * back another way, again and again. What is better is kept, and at first what is a little worse. Where there was a
 * plan before, it is kept as far as it goes, and what stands elsewhere counts against a plan.
 *
 * Source for ruin-and-recreate search: G. Schrimpf and others, Record breaking optimization results using the ruin
 * and recreate principle, Journal of Computational Physics 159 (2000). Its figures here were found by trial.
 */
final class DayPlanner
{
    /** What a weighted minute late weighs, beside a minute of the day's end. */
    private const LATE = 1e3;

    private const CHANGE = 1e-3;

    /** What a step that stands elsewhere than before weighs; the day's end weighs little then. */
    private const MOVED = 100.0;

    private const END_OF_A_CHANGED_DAY = 0.1;

    /** A job that stands nowhere outweighs everything, min late. */
    private const NOWHERE = 1e9;

    /** At most so many jobs come out at once. */
    private const MOST_OUT = 8;

    /** At the beginning a plan may be worse by about this share. */
    private const HEAT = 0.005;

    /** The same where a plan before is to be kept. */
    private const HEAT_OF_A_CHANGE = 0.0005;

    /** Share of moves that begin with a late job, and of those that look where it would have to be. */
    private const BY_LATENESS = 0.6;

    private const WHERE_IT_SHOULD_BE = 0.85;

    /** Share of moves that take out any jobs. */
    private const ANYWHERE = 0.15;

    /** Share of the budget after which no further order is begun with. */
    private const ENOUGH_STARTS = 0.35;

    /** Moves that are made beyond the budget while a job stands nowhere. */
    private const UNTIL_ALL_STAND = 1500;

    private PackedDay $packed;

    private SingleJobRelaxation $alone;

    private Timetable $table;

    private Randomizer $random;

    /** @var list<float> job => minutes of its steps and waits */
    private array $work = [];

    /** @var array<int, array{int, int, float}> step => machine, person, from in the plan before */
    private array $before = [];

    private function __construct(private readonly ShopDay $day, int $seed)
    {
        $this->packed = new PackedDay($day);
        $this->alone = SingleJobRelaxation::in($this->packed);
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->table = new Timetable($this->packed);
        foreach ($this->packed->first as $job => $first) {
            $last = $this->packed->last[$job];
            $this->work[] = array_sum(array_slice($this->packed->minutes, $first, $last - $first + 1))
                + array_sum(array_slice($this->packed->waitMin, $first, $last - $first));
        }
        $this->before = $this->packed->places($day->before);
    }

    /**
     * The best plan found.
     *
     * @param  int  $seed  of the search's chance
     *
     * @throws Infeasible naming the job and step that cannot be held
     */
    public static function plan(ShopDay $day, Budget $budget, int $seed = 1): DayPlan
    {
        $planner = new self($day, $seed);
        $planner->search($budget);
        $nowhere = $planner->nowhere();

        return $nowhere === [] ? $planner->best($budget) : throw $planner->alone->refusal($nowhere[0]);
    }

    /**
     * The best plan found of those jobs that find a place beside each other: more hang than the hours there are hold.
     *
     * @param  int  $seed  of the search's chance
     * @return array{DayPlan, list<string>} and the jobs that found none; of those only what has begun is in the plan
     */
    public static function most(ShopDay $day, Budget $budget, int $seed = 1): array
    {
        $left = [];
        while (true) {
            $planner = new self($day, $seed);
            $planner->search($budget);
            $nowhere = $planner->nowhere();
            if ($nowhere === []) {
                return [$planner->best($budget), $left];
            }
            $jobs = [];
            foreach ($day->jobs as $n => $job) {
                $isLeft = in_array($n, $nowhere, true);
                $steps = $isLeft ? array_slice($job->steps, 0, $planner->begunOf($n)) : $job->steps;
                $isLeft && $left[] = $job->key;
                $steps === [] || $jobs[] = $job->withSteps($steps);
            }
            $day = $day->withJobs($jobs);
            $budget = $budget->again(self::UNTIL_ALL_STAND);
        }
    }

    private function search(Budget $budget): void
    {
        $this->before === [] ? $this->beginAnew($budget) : $this->beginFromBefore();
        $this->improve($budget);
        $this->standAll($budget);
        if ($this->nowhere() !== [] && $this->before !== []) {
            $this->beginAnew($budget);
            $this->standAll($budget);
        }
    }

    private function best(Budget $budget): DayPlan
    {
        $bound = Bound::of($this->packed, $this->alone);
        if (PlainShop::is($this->packed)) {
            $this->asPlainShop($budget, $bound);
        }

        return Reasons::planOf($this->table, $this->alone, $bound, $budget->made());
    }

    /** How many of a job's steps have begun. */
    private function begunOf(int $job): int
    {
        $begun = 0;
        while (isset($this->packed->begun[$this->packed->first[$job] + $begun])) {
            $begun++;
        }

        return $begun;
    }

    private function asPlainShop(Budget $budget, float $bound): void
    {
        $from = (new PlainShop($this->packed, $this->random))->search($this->table, $budget, $bound);
        $best = new Timetable($this->packed);
        for ($job = 0; $job < $this->packed->jobs; $job++) {
            $places = [];
            for ($step = $this->packed->first[$job]; $step <= $this->packed->last[$job]; $step++) {
                $places[$step] = [$this->packed->on[$step][0], -1, $from[$step]];
            }
            $best->keep($job, $places);
        }
        if ($best->end() < $this->table->end()) {
            $this->table = $best;
        }
    }

    /** Goes on while a job stands nowhere, for as long again. */
    private function standAll(Budget $budget): void
    {
        $more = $budget->again(self::UNTIL_ALL_STAND);
        while ($this->nowhere() !== [] && $more->another()) {
            $this->improve(Budget::moves(20));
            for ($n = 1; $n < 20; $n++) {
                $more->another();
            }
        }
    }

    /** @return list<int> jobs that stand nowhere, or not with all of their steps */
    private function nowhere(): array
    {
        $all = array_keys($this->packed->first);

        return array_values(array_filter($all, fn (int $job): bool => ! $this->table->has($job)));
    }

    /** Lays the plan before over the day: where it stood, or as near as its turns allow. */
    private function beginFromBefore(): void
    {
        $empty = clone $this->table;
        $best = INF;
        $kept = $empty;
        foreach ([Repair::kept(...), Repair::shifted(...)] as $repair) {
            $this->table = clone $empty;
            $repair($this->table, $this->before);
            foreach ($this->orders()[0] as $job) {
                $this->table->has($job) || $this->table->put($job, new PlacementPreference());
            }
            $cost = $this->cost();
            if ($cost < $best) {
                [$best, $kept] = [$cost, clone $this->table];
            }
        }
        $this->table = $kept;
    }

    /** Leaves the best of the plans to begin with in the table. */
    private function beginAnew(Budget $budget): void
    {
        $empty = new Timetable($this->packed);
        $best = INF;
        $kept = $empty;
        foreach ($this->orders() as $order) {
            foreach ([new PlacementPreference(), new PlacementPreference(1.0, 1.0)] as $taste) {
                if ($best < INF && $budget->isTimed() && $budget->share() > self::ENOUGH_STARTS) {
                    break 2;
                }
                $this->table = clone $empty;
                foreach ($order as $job) {
                    $this->table->put($job, $taste);
                }
                $cost = $this->cost();
                if ($cost < $best) {
                    [$best, $kept] = [$cost, clone $this->table];
                }
            }
        }
        $this->table = $kept;
    }

    private function improve(Budget $budget): void
    {
        $best = $now = $this->cost();
        $kept = clone $this->table;
        $plain = PlainShop::is($this->packed);
        $hot = $this->before === [] ? self::HEAT : self::HEAT_OF_A_CHANGE;
        while (! $plain && $this->work !== [] && ! $this->isPerfect($best) && $budget->another()) {
            $was = clone $this->table;
            $heat = $hot * (1 - $budget->share()) ** 2 * fmod($best, self::NOWHERE * self::LATE);
            $limit = $now - $heat * log(max(1e-9, $this->share()));
            $cost = $this->shake($limit) ? $this->cost() : INF;
            if ($cost >= $limit) {
                $this->table = $was;

                continue;
            }
            $now = $cost;
            if ($cost < $best - 1e-9) {
                [$best, $kept] = [$cost, clone $this->table];
            }
        }
        $this->table = $kept;
    }

    /** Nothing late, and nothing moved, where a plan before is to be kept. */
    private function isPerfect(float $cost): bool
    {
        return $this->before !== [] && $this->day->aim === DayObjective::Due
            && $cost < self::MOVED;
    }

    /** Takes jobs out and puts them back; false where that is seen to give more than the limit. */
    private function shake(float $limit): bool
    {
        $gone = [];
        $queue = $this->pick();
        while ($queue !== []) {
            $job = array_pop($queue);
            if (! isset($gone[$job])) {
                $gone[$job] = true;
                array_push($queue, ...$this->table->take($job));
            }
        }
        $late = 0.0;
        for ($job = 0; $job < $this->packed->jobs; $job++) {
            $this->table->has($job) ? $late += $this->late($job) : $gone[$job] = true;
        }
        foreach ($this->sorted(array_keys($gone)) as $job) {
            if (
                $this->before === [] ||
                $this->share() < 0.5 ||
                ! $this->wasPlanned($job) ||
                ! $this->table->keep($job, $this->before)
            ) {
                $this->table->put(
                    $job,
                    new PlacementPreference((float) $this->random->getInt(0, 2), 0.7 * $this->random->getInt(0, 3 - 1)),
                );
            }
            $late += $this->late($job);
            if ($late * self::LATE > $limit) {
                return false;
            }
        }

        return true;
    }

    private function wasPlanned(int $job): bool
    {
        for ($step = $this->packed->first[$job]; $step <= $this->packed->last[$job]; $step++) {
            if (! isset($this->before[$step])) {
                return false;
            }
        }

        return true;
    }

    /** Weighted minutes late; 0 where the day aims at something else. */
    private function late(int $job): float
    {
        $end = $this->table->to[$this->packed->last[$job]];

        return match (true) {
            $end === INF => self::NOWHERE,
            $this->day->aim === DayObjective::Makespan, $end <= $this->packed->due[$job] => 0.0,
            default => $this->packed->weight[$job] * ($end - $this->packed->due[$job]),
        };
    }

    /** @return list<int> jobs to take out: one, and some that stand where it stands or where it should */
    private function pick(): array
    {
        $day = $this->packed;
        $size = 1 + (int) (min(self::MOST_OUT, $day->jobs) * $this->share());
        $one = $this->pickOne();
        $out = [$one => true];
        if ($this->share() < self::ANYWHERE) {
            while (count($out) < $size) {
                $out[$this->random->getInt(0, $day->jobs - 1)] = true;
            }

            return array_keys($out);
        }
        $end = $this->table->to[$day->last[$one]];
        $over = $end === INF ? 0.0 : $end - ($end > $day->due[$one] ? $day->due[$one] : $day->ready[$one]);
        $back = $this->share() < self::WHERE_IT_SHOULD_BE ? 1.3 * $over * $this->share() : 0.0;
        for ($tries = 0; count($out) < $size && $tries < 4 * $size; $tries++) {
            $jobs = array_keys($out);
            $job = $this->share() < 0.7 ? $one : $jobs[$this->random->getInt(0, count($jobs) - 1)];
            $step = $day->first[$job] + $this->random->getInt(0, $day->last[$job] - $day->first[$job]);
            $at = $this->table->on[$step] >= 0 ? $this->table->from[$step] - $back : $this->soonest($step);
            $there = $this->table->around($step, $at, 2);
            $there === [] || $out[$day->job[$there[$this->random->getInt(0, count($there) - 1)]]] = true;
        }

        return array_keys($out);
    }

    /** When a step of a job that stands nowhere could be, after what of it has begun. */
    private function soonest(int $step): float
    {
        $at = $this->packed->ready[$this->packed->job[$step]];
        for ($one = $this->packed->first[$this->packed->job[$step]]; $one < $step; $one++) {
            $end = $this->table->to[$one] < INF ? $this->table->to[$one] : $at + $this->packed->minutes[$one];
            $at = max($at, $end + $this->packed->waitMin[$one]);
        }

        return $at;
    }

    /** A late job, the more likely the later; or any. */
    private function pickOne(): int
    {
        if ($this->day->aim === DayObjective::Due && $this->share() < self::BY_LATENESS) {
            $late = [];
            for ($job = 0; $job < $this->packed->jobs; $job++) {
                $much = min(1e6, $this->late($job));
                if ($much > 0) {
                    $late[$job] = $much + 1;
                }
            }
            $at = $this->share() * array_sum($late);
            foreach ($late as $job => $much) {
                $at -= $much;
                if ($at <= 0) {
                    return $job;
                }
            }
        }

        return $this->random->getInt(0, $this->packed->jobs - 1);
    }

    /**
     * The order in which jobs are put back.
     *
     * @param  list<int>  $jobs
     * @return list<int>
     */
    private function sorted(array $jobs): array
    {
        $by = [];
        $way = $this->random->getInt(0, 4);
        foreach ($jobs as $job) {
            $chance = $this->share();
            $due = min(1e9, $this->packed->due[$job]);
            $weight = max(1e-3, $this->packed->weight[$job]);
            $by[$job] = match ($way) {
                0 => $chance,
                1 => $due,
                2 => -$weight * (1 + $chance),
                3 => ($due - $this->work[$job]) * (0.8 + 0.4 * $chance),
                default => ($this->work[$job] / $weight) * (0.5 + $chance),
            };
        }
        asort($by);

        return array_keys($by);
    }

    /** @return non-empty-list<list<int>> orders to begin with, first due first at their head */
    private function orders(): array
    {
        $day = $this->packed;
        $orders = [];
        foreach ([
            fn (int $job): array => [$day->due[$job], -$day->weight[$job]],
            fn (int $job): array => [$day->due[$job] - $this->work[$job], $job],
            fn (int $job): array => [-$day->weight[$job], $day->due[$job]],
            fn (int $job): array => [$this->work[$job] / max(1e-3, $day->weight[$job]), $job],
            fn (int $job): array => [-$this->work[$job], $job],
            fn (int $job): array => [$day->ready[$job], $day->due[$job]],
        ] as $by) {
            $order = array_keys($this->work);
            usort($order, fn (int $a, int $b): int => $by($a) <=> $by($b));
            $orders[] = $order;
        }

        return $orders;
    }

    /** What the search brings down. */
    private function cost(): float
    {
        $late = $end = $sum = 0.0;
        foreach ($this->packed->last as $job => $step) {
            $late += $this->late($job);
            $to = $this->table->to[$step];
            if ($to < INF) {
                $end = $to > $end ? $to : $end;
                $sum += $to;
            }
        }
        if ($this->day->aim === DayObjective::Makespan) {
            return self::LATE * ($late + $end) + $sum / max(1, $this->packed->jobs) + $this->moved();
        }

        return self::LATE * $late + ($this->before === []
            ? $end + self::CHANGE * $this->table->changeMinutes()
            : self::END_OF_A_CHANGED_DAY * 1e-3 * $end + $this->moved());
    }

    private function moved(): float
    {
        $moved = 0;
        foreach ($this->before as $step => [$machine, $person, $from]) {
            $moved += $this->table->on[$step] !== $machine || $this->table->who[$step] !== $person
                || abs($this->table->from[$step] - $from) > MovedStep::STILL_MIN ? 1 : 0;
        }

        return self::MOVED * $moved;
    }

    /** A random number from 0 to below 1; Randomizer::getFloat() comes with PHP 8.3. */
    private function share(): float
    {
        return ($this->random->nextInt() >> 10) / 2 ** 53;
    }
}
