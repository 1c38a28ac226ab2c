<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A day as the search reads it: every step, machine, person and colour by its number. */
final readonly class PackedDay
{
    public int $steps;

    public int $jobs;

    /** @var list<int> step => job */
    public array $job;

    /** @var list<int> job => its first step; its last one stands in */
    public array $first;

    /** @var list<int> */
    public array $last;

    /** @var list<string> */
    public array $key;

    /** @var list<float> step => min */
    public array $minutes;

    /** @var list<float> */
    public array $hands;

    /** @var list<float> */
    public array $waitMin;

    /** @var list<float> INF for any */
    public array $waitMax;

    /** @var list<list<int>> step => machines */
    public array $on;

    /** @var list<list<int>> step => people able, those who can least first; none where no hands are needed */
    public array $able;

    /** @var list<int> -1 for none */
    public array $colour;

    /** @var list<int> */
    public array $family;

    /** @var list<float> */
    public array $room;

    /** @var list<array<string, float>> */
    public array $takes;

    /** @var list<float> job => min */
    public array $ready;

    /** @var list<float> INF where it is never late */
    public array $due;

    /** @var list<float> */
    public array $weight;

    /** @var list<bool> machine */
    public array $isOven;

    /** @var list<float> */
    public array $roomOf;

    /** @var list<array{list<float>, list<float>, list<int>}|array{}> machine => its spans, see PackedSpans */
    public array $open;

    /** @var list<list<list<float>>> machine => colour => next colour => min; none where no change takes time */
    public array $change;

    /** @var list<array{list<float>, list<float>, list<int>}|array{}> person => the same */
    public array $there;

    /** @var array{array<string, int>, array<string, int>} machines and people by key */
    private array $numbers;

    /** @var array<int, array{int, int, float}> step begun => machine, person (-1: none), from */
    public array $begun;

    public function __construct(public ShopDay $day)
    {
        $machines = array_flip(array_map(fn (DayMachine $m): string => $m->key, $day->machines));
        $people = array_flip(array_map(fn (DayPerson $p): string => $p->key, $day->people));
        $this->isOven = array_map(fn (DayMachine $m): bool => $m->isOven(), $day->machines);
        $this->roomOf = array_map(fn (DayMachine $m): float => $m->room, $day->machines);
        $this->open = array_map(fn (DayMachine $m): array => PackedSpans::of($m->open), $day->machines);
        $this->there = array_map(fn (DayPerson $p): array => PackedSpans::of($p->open), $day->people);
        $this->ready = array_map(fn (DayJob $job): float => max($job->readyMin, $day->nowMin), $day->jobs);
        $this->due = array_map(fn (DayJob $job): float => $job->dueMin ?? INF, $day->jobs);
        $this->weight = array_map(fn (DayJob $job): float => $job->weight, $day->jobs);
        $this->jobs = count($day->jobs);
        $job = $first = $last = $steps = [];
        foreach ($day->jobs as $n => $one) {
            $first[] = count($steps);
            $steps = [...$steps, ...$one->steps];
            $job = array_pad($job, count($steps), $n);
            $last[] = count($steps) - 1;
        }
        [$this->first, $this->last, $this->job, $this->steps] = [$first, $last, $job, count($steps)];
        $this->key = array_map(fn (DayStep $step): string => $step->key, $steps);
        $this->minutes = array_map(fn (DayStep $step): float => $step->minutes, $steps);
        $this->hands = array_map(fn (DayStep $s): float => $day->people === [] ? 0.0 : $s->handsMin, $steps);
        $this->waitMin = array_map(fn (DayStep $step): float => $step->waitMin, $steps);
        $this->waitMax = array_map(fn (DayStep $step): float => $step->waitMax ?? INF, $steps);
        $this->room = array_map(fn (DayStep $step): float => $step->room, $steps);
        $this->takes = array_map(fn (DayStep $step): array => array_filter($step->takes), $steps);
        $this->on = array_map(
            fn (DayStep $step): array => array_map(
                fn (string $key): int => $machines[$key],
                array_values(array_unique($step->on)),
            ),
            $steps,
        );
        $this->able = array_map(fn (DayStep $step): array => self::able($day, $step), $steps);
        $families = $colours = [];
        $this->family = array_map(
            function (DayStep $step) use (&$families): int {
                return $step->family === null
                    ? $families[] = count($families)
                    : $families["={$step->family}"] ??= count($families);
            },
            $steps,
        );
        $this->colour = array_map(
            function (DayStep $step) use (&$colours): int {
                return $step->colour === null ? -1 : $colours[$step->colour] ??= count($colours);
            },
            $steps,
        );
        $this->change = array_map(fn (DayMachine $m): array => self::changes($m, $colours), $day->machines);
        $this->numbers = [$machines, $people];
        $this->begun = $this->places($day->begun);
    }

    /**
     * Placings by number; those of steps, machines or people that are not in the day are left out.
     *
     * @param  list<PlacedStep>  $placings
     * @return array<int, array{int, int, float}> step => machine, person (-1: none), from
     */
    public function places(array $placings): array
    {
        [$machines, $people] = $this->numbers;
        $steps = [];
        foreach ($this->key as $step => $key) {
            $steps[$this->day->jobs[$this->job[$step]]->key][$key] = $step;
        }
        $places = [];
        foreach ($placings as $one) {
            $step = $steps[$one->job][$one->step] ?? null;
            $machine = $machines[$one->on] ?? null;
            if ($step !== null && $machine !== null && in_array($machine, $this->on[$step], true)) {
                $places[$step] = [$machine, $people[$one->who ?? ''] ?? -1, $one->fromMin];
            }
        }

        return $places;
    }

    /** A step that stands, by the day's own keys. */
    public function placing(Timetable $table, int $step): PlacedStep
    {
        $who = $table->who[$step];

        return new PlacedStep(
            $this->day->jobs[$this->job[$step]]->key,
            $this->key[$step],
            $this->day->machines[$table->on[$step]]->key,
            $who < 0 ? null : $this->day->people[$who]->key,
            $table->from[$step],
            $table->to[$step],
        );
    }

    /** @return list<int> */
    private static function able(ShopDay $day, DayStep $step): array
    {
        if ($step->handsMin <= 0) {
            return [];
        }
        $able = array_filter($day->people, fn (DayPerson $p): bool => in_array($step->who, $p->can, true));
        uasort($able, fn (DayPerson $a, DayPerson $b): int => count($a->can) <=> count($b->can));

        return array_keys($able);
    }

    /**
     * @param  array<array-key, int>  $colours
     * @return list<list<float>>
     */
    private static function changes(DayMachine $machine, array $colours): array
    {
        $table = [];
        $any = 0.0;
        foreach ($colours as $from => $n) {
            foreach ($colours as $to => $k) {
                $any += $table[$n][$k] = $machine->change((string) $from, (string) $to);
            }
        }

        return $machine->isOven() || $any <= 0 ? [] : array_values(array_map(array_values(...), $table));
    }
}
