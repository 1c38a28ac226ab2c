<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** Everything a plan is made from: machines, people, jobs, what has begun and what was planned before. */
final readonly class ShopDay
{
    /**
     * @param  list<DayMachine>  $machines
     * @param  list<DayPerson>  $people  none: hands are not limited
     * @param  list<DayJob>  $jobs
     * @param  array<string, float>  $means  how many hooks, racks or carts there are
     * @param  list<PlacedStep>  $begun  fixed where they stand; their ends are worked out
     * @param  list<PlacedStep>  $before  the last plan
     */
    private function __construct(
        public DayObjective $aim,
        public array $machines,
        public array $people,
        public array $jobs,
        public array $means,
        public float $nowMin,
        public array $begun,
        public array $before,
    ) {
    }

    /**
     * @param  list<DayMachine>  $machines
     * @param  list<DayPerson>  $people  none: hands are not limited
     * @param  list<DayJob>  $jobs
     * @param  array<string, float>  $means
     * @param  float  $nowMin  nothing that has not begun starts before it
     * @param  list<PlacedStep>  $begun  only job, step, on, who and from are read
     * @param  list<PlacedStep>  $before
     *
     * @throws InvalidInput naming a key that does not exist
     * @throws Infeasible naming a step that can never be held
     */
    public static function of(
        DayObjective $aim,
        array $machines,
        array $people,
        array $jobs,
        array $means = [],
        float $nowMin = 0.0,
        array $begun = [],
        array $before = [],
    ): self {
        self::unique('machines', array_map(fn (DayMachine $m): string => $m->key, $machines));
        self::unique('people', array_map(fn (DayPerson $p): string => $p->key, $people));
        self::unique('jobs', array_map(fn (DayJob $j): string => $j->key, $jobs));
        $day = new self($aim, $machines, $people, $jobs, $means, $nowMin, $begun, $before);
        $of = [];
        foreach ($machines as $machine) {
            $of[$machine->key] = $machine;
        }
        $isBegun = [];
        foreach ($begun as $one) {
            $isBegun[$one->job][$one->step] = true;
        }
        foreach ($jobs as $n => $job) {
            foreach ($job->steps as $k => $step) {
                $day->mustKnow("jobs[{$n}].steps[{$k}]", $step, $of);
                isset($isBegun[$job->key][$step->key]) || $day->mustStand($job, $step, $of);
            }
        }
        $day->mustHaveBegunInOrder();

        return $day;
    }

    /**
     * The same with other jobs.
     *
     * @param  list<DayJob>  $jobs
     *
     * @throws InvalidInput
     */
    public function withJobs(array $jobs): self
    {
        return self::of(
            $this->aim, $this->machines, $this->people, $jobs, $this->means, $this->nowMin, $this->begun, $this->before,
        );
    }

    /**
     * The same with other machines and people.
     *
     * @param  list<DayMachine>  $machines
     * @param  list<DayPerson>  $people
     *
     * @throws InvalidInput
     */
    public function with(array $machines, array $people): self
    {
        return self::of(
            $this->aim, $machines, $people, $this->jobs, $this->means, $this->nowMin, $this->begun, $this->before,
        );
    }

    /** @param  list<string>  $keys */
    private static function unique(string $place, array $keys): void
    {
        $seen = [];
        foreach ($keys as $n => $key) {
            if (isset($seen[$key])) {
                throw InvalidInput::outside("{$place}[{$n}].key", $key, 'a key no other has');
            }
            $seen[$key] = true;
        }
    }

    /** @param  array<string, DayMachine>  $machines */
    private function mustKnow(string $place, DayStep $step, array $machines): void
    {
        if ($step->on === []) {
            throw InvalidInput::unreadable("{$place}.on", 'is an empty list', 'at least one machine');
        }
        foreach ($step->on as $key) {
            isset($machines[$key]) || throw InvalidInput::outside("{$place}.on", $key, 'the key of a machine');
        }
        if ($this->people !== [] && $step->handsMin > 0 && $step->who === null) {
            throw InvalidInput::missing("{$place}.who", 'what a person must be able to do for it');
        }
        foreach (array_keys($step->takes) as $means) {
            isset($this->means[$means])
                || throw InvalidInput::unknownKey("{$place}.takes.{$means}", array_keys($this->means) ?: ['means']);
        }
    }

    /**
     * A step nothing in the shop can ever take.
     *
     * @param  array<string, DayMachine>  $machines
     */
    private function mustStand(DayJob $job, DayStep $step, array $machines): void
    {
        $cannot = fn (string $why, string $allowed): Infeasible => new Infeasible(
            $job->key,
            $step->key,
            $why,
            $allowed,
        );
        $on = array_map(fn (string $key): DayMachine => $machines[$key], $step->on);
        $longest = max([0.0, ...array_map(fn (DayMachine $machine): float => $machine->open->longest(), $on)]);
        if ($step->minutes > $longest) {
            throw $cannot(
                "takes {$step->minutes} min, longer than any span its machines are open",
                "at most {$longest} min",
            );
        }
        $room = max([0.0, ...array_map(fn (DayMachine $m): float => $m->isOven() ? $m->room : INF, $on)]);
        if ($step->room > $room) {
            throw $cannot("wants room {$step->room}", "at most {$room}");
        }
        foreach ($step->takes as $means => $count) {
            if ($count > $this->means[$means]) {
                throw $cannot("takes {$count} {$means}", "at most {$this->means[$means]}");
            }
        }
        $able = array_filter($this->people, fn (DayPerson $p): bool => in_array($step->who, $p->can, true));
        $there = $able === [] ? 0.0 : max(array_map(fn (DayPerson $p): float => $p->open->longest(), $able));
        if ($this->people !== [] && $step->handsMin > 0 && ($able === [] || $step->handsMin > $there)) {
            throw $cannot(
                $able === [] ? "wants {$step->who}, which nobody can" : "takes hands for {$step->handsMin} min",
                $able === [] ? 'a person who can' : "at most {$there} min, as long as anyone is there at a stretch",
            );
        }
    }

    private function mustHaveBegunInOrder(): void
    {
        $jobs = $people = $begun = [];
        foreach ($this->jobs as $job) {
            foreach ($job->steps as $step) {
                $jobs[$job->key][$step->key] = $step;
            }
        }
        foreach ($this->people as $person) {
            $people[$person->key] = true;
        }
        foreach ($this->begun as $n => $one) {
            isset($jobs[$one->job][$one->step])
                || throw InvalidInput::outside("begun[{$n}].step", $one->step, 'a step of a job in the file');
            in_array($one->on, $jobs[$one->job][$one->step]->on, true)
                || throw InvalidInput::outside("begun[{$n}].on", $one->on, 'a machine the step can be on');
            $one->who === null || $this->people === [] || isset($people[$one->who])
                || throw InvalidInput::outside("begun[{$n}].who", $one->who, 'the key of a person');
            isset($begun[$one->job][$one->step])
                && throw InvalidInput::outside("begun[{$n}].step", $one->step, 'a step that is not there already');
            $begun[$one->job][$one->step] = $n;
        }
        foreach ($begun as $job => $steps) {
            foreach ($steps as $step => $n) {
                $all = array_map(strval(...), array_keys($jobs[$job]));
                $earlier = array_slice($all, 0, (int) array_search((string) $step, $all, true));
                array_diff($earlier, array_map(strval(...), array_keys($steps))) === []
                    || throw InvalidInput::outside("begun[{$n}].step", $step, 'one whose earlier ones have begun');
            }
        }
    }
}
