<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/**
 * Lays the plan before over what has become of the day. Either every job stays just where it was, if it can; or every
 * step keeps its machine, its hands and its turn, and begins when it was to begin or as soon after it as it can.
 */
final class Repair
{
    private PackedDay $day;

    /** @var array<int, float> machine, person => until when */
    private array $machineUntil = [];

    /** @var array<int, float> */
    private array $handsUntil = [];

    /** @var array<int, int> machine => its last colour */
    private array $colour = [];

    /** @var array<int, array{int, int, float}> step => machine, person, from */
    private array $places = [];

    /** @var array<int, float> */
    private array $end = [];

    /** @param  array<int, array{int, int, float}>  $before  step => machine, person, from */
    private function __construct(private readonly Timetable $table, private readonly array $before)
    {
        $this->day = $table->day;
    }

    /**
     * Puts into a table every job that can stay just where it was.
     *
     * @param  array<int, array{int, int, float}>  $before  step => machine, person, from
     */
    public static function kept(Timetable $table, array $before): void
    {
        $repair = new self($table, $before);
        $repair->places = $before;
        $repair->keep();
    }

    /**
     * Puts into a table every job that can be kept in its turn, if later.
     *
     * @param  array<int, array{int, int, float}>  $before  step => machine, person, from
     */
    public static function shifted(Timetable $table, array $before): void
    {
        $repair = new self($table, $before);
        $repair->shift();
        $repair->keep();
    }

    private function shift(): void
    {
        foreach ($this->day->begun as $step => [$machine, $person, $from]) {
            $this->note($step, $machine, $person, $from, $this->table->to[$step]);
        }
        foreach ($this->units() as $steps) {
            $this->lay($steps);
        }
    }

    private function keep(): void
    {
        $order = [];
        foreach ($this->places as $step => [, , $from]) {
            $job = $this->day->job[$step];
            $order[$job] = min($order[$job] ?? INF, $from);
        }
        asort($order);
        foreach (array_keys($order) as $job) {
            $all = range($this->day->first[$job], $this->day->last[$job]);
            if (! $this->table->has($job) && array_diff($all, array_keys($this->places)) === []) {
                $this->table->keep($job, $this->places);
            }
        }
    }

    /** @return list<list<int>> steps that have not begun, in the order they were to begin; those of a bake together */
    private function units(): array
    {
        $units = [];
        foreach ($this->before as $step => [$machine, , $from]) {
            if (! isset($this->day->begun[$step])) {
                $key = $this->day->isOven[$machine] ? "{$machine} ".round($from, 4) : "step {$step}";
                $units[$key][] = $step;
            }
        }
        uasort($units, fn (array $a, array $b): int => $this->before[$a[0]][2] <=> $this->before[$b[0]][2]
            ?: $a[0] <=> $b[0]);

        return array_values($units);
    }

    /** @param  list<int>  $steps */
    private function lay(array $steps): void
    {
        $day = $this->day;
        [$machine, , $at] = $this->before[$steps[0]];
        $at = max($at, $this->machineUntil[$machine] ?? -INF);
        $minutes = 0.0;
        foreach ($steps as $step) {
            $first = $day->first[$day->job[$step]];
            $at = max($at, $day->ready[$day->job[$step]]);
            $at = $step > $first ? max($at, ($this->end[$step - 1] ?? INF) + $day->waitMin[$step - 1]) : $at;
            $minutes = max($minutes, $day->minutes[$step]);
        }
        $colour = $day->colour[$steps[0]];
        $last = $this->colour[$machine] ?? -1;
        if ($colour >= 0 && $last >= 0 && $day->change[$machine] !== []) {
            $at = max($at, ($this->machineUntil[$machine] ?? -INF) + $day->change[$machine][$last][$colour]);
        }
        $who = [];
        for ($tries = 0; $at < INF && $tries < 50; $tries++) {
            $was = $at;
            $at = PackedSpans::fit($day->open[$machine], $at, $minutes);
            foreach ($steps as $step) {
                [$who[$step], $at] = $this->handsFor($step, $at);
            }
            if ($at <= $was) {
                break;
            }
        }
        foreach ($at < INF ? $steps : [] as $step) {
            $this->note($step, $machine, $who[$step], $at, $at + $minutes);
        }
    }

    /** @return array{int, float} who does it, the same person where nobody else could sooner; and from when */
    private function handsFor(int $step, float $at): array
    {
        if ($this->day->hands[$step] <= 0) {
            return [-1, $at];
        }
        $free = [];
        foreach ($this->day->able[$step] as $person) {
            $from = max($at, $this->handsUntil[$person] ?? -INF);
            $free[$person] = PackedSpans::fit($this->day->there[$person], $from, $this->day->hands[$step]);
        }
        $least = min([INF, ...array_values($free)]);
        $same = $this->before[$step][1];

        return ($free[$same] ?? INF) <= $least + MovedStep::STILL_MIN
            ? [$same, $free[$same]]
            : [(int) array_search($least, $free, true), $least];
    }

    private function note(int $step, int $machine, int $person, float $from, float $to): void
    {
        $this->places[$step] = [$machine, $person, $from];
        $this->end[$step] = $to;
        $this->machineUntil[$machine] = max($this->machineUntil[$machine] ?? -INF, $to);
        if ($person >= 0) {
            $until = $from + $this->day->hands[$step];
            $this->handsUntil[$person] = max($this->handsUntil[$person] ?? -INF, $until);
        }
        if ($this->day->colour[$step] >= 0) {
            $this->colour[$machine] = $this->day->colour[$step];
        }
    }
}
