<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/**
 * Where every step stands while a plan is made: jobs are put in and taken out whole, each step at the earliest place
 * that the machines, the hands, the waits and the means leave it. What stands in it always keeps every rule. A clone
 * is how everything stood, to come back to.
 */
final class Timetable
{
    private const NEAR = PackedSpans::NEAR;

    /** How often a job may be begun anew before its waits count as not to be kept. */
    private const PATIENCE = 400;

    /** How many places on a machine are looked at where colours are weighed. */
    private const PLACES = 4;

    /** @var array<int, float> step => from, to, machine, person; INF and -1 for one that stands nowhere */
    public array $from;

    /** @var array<int, float> */
    public array $to;

    /** @var array<int, int> */
    public array $on;

    /** @var array<int, int> -1: nobody */
    public array $who;

    private Turns $turns;

    private LaborReservations $hands;

    private ResourceReservations $means;

    // The best place found for the step that is being placed.
    private float $bestKey = INF;

    private float $bestFrom = INF;

    private int $bestOn = -1;

    private int $bestWho = -1;

    /** The step that speaks for the bake it joins; -1 for a place of its own. */
    private int $bestBake = -1;

    private int $handsOf = -1;

    /** @var array{int, int}|null the only machine and the only person a step may have */
    private ?array $only = null;

    public function __construct(public readonly PackedDay $day)
    {
        $this->from = $this->to = array_fill(0, $day->steps, INF);
        $this->on = $this->who = array_fill(0, $day->steps, -1);
        $this->turns = new Turns($day);
        $this->hands = new LaborReservations($day->there);
        $this->means = new ResourceReservations();
        foreach ($day->begun as $step => [$machine, $person, $from]) {
            $this->fix($step, $machine, $person, $from);
        }
        foreach (array_unique(array_map(fn (int $step): int => $day->job[$step], array_keys($day->begun))) as $job) {
            $this->hold($job);
        }
    }

    /** How everything stands, to come back to. */
    public function __clone()
    {
        $this->turns = clone $this->turns;
        $this->hands = clone $this->hands;
        $this->means = clone $this->means;
    }

    /** Whether all of a job's steps stand. */
    public function has(int $job): bool
    {
        return $this->on[$this->day->last[$job]] >= 0;
    }

    /**
     * Puts the steps of a job that do not stand yet at the earliest places in order; false, and nothing changed,
     * where there are none.
     */
    public function put(int $job, PlacementPreference $taste): bool
    {
        $day = $this->day;
        $first = $this->firstFree($job);
        $step = $first;
        $least = [];
        for ($patience = self::PATIENCE; $patience > 0; $patience--) {
            for ($late = false; $step <= $day->last[$job] && ! $late; $step += $late ? 0 : 1) {
                $begun = $step > $day->first[$job];
                $end = $begun ? $this->to[$step - 1] : -INF;
                $from = max($least[$step] ?? $day->ready[$job], $begun ? $end + $day->waitMin[$step - 1] : -INF);
                $until = $begun ? $end + $day->waitMax[$step - 1] : INF;
                $at = $this->place($step, $from, $until, $taste);
                if ($at === INF) {
                    $this->liftDown($step - 1, $first);

                    return false;
                }
                $late = $at > $until + self::NEAR;
            }
            [$back, $from] = $late
                ? [$step - 1, $this->from[$step] - $day->waitMax[$step - 1] - $day->minutes[$step - 1]]
                : $this->hold($job);
            if ($back === null) {
                return true;
            }
            $this->liftDown($late ? $step : $day->last[$job], max($back, $first));
            if ($back < $first) {
                break;
            }
            $least[$back] = $from;
            $step = $back;
        }
        $this->liftDown($step - 1, $first);

        return false;
    }

    /**
     * Puts the steps of a job that do not stand yet just where they are told to; false, and nothing changed, where they
     * cannot stand there.
     *
     * @param  array<int, array{int, int, float}>  $places  step => machine, person (-1: none), from
     */
    public function keep(int $job, array $places): bool
    {
        $first = $this->firstFree($job);
        for ($step = $first; $step <= $this->day->last[$job]; $step++) {
            [$machine, $person, $at] = $places[$step];
            $least = $this->day->ready[$job];
            $most = INF;
            if ($step > $this->day->first[$job]) {
                $least = max($least, $this->to[$step - 1] + $this->day->waitMin[$step - 1]);
                $most = $this->to[$step - 1] + $this->day->waitMax[$step - 1];
            }
            $this->only = [$machine, $person];
            $stands = $at >= $least - self::NEAR && $at <= $most + self::NEAR
                ? $this->place($step, max($at, $least), $most, new PlacementPreference())
                : INF;
            $this->only = null;
            if (abs($stands - $at) > 1e-6 || $this->who[$step] !== $person) {
                $this->liftDown($stands < INF ? $step : $step - 1, $first);

                return false;
            }
        }
        if ($this->hold($job)[0] !== null) {
            $this->liftDown($this->day->last[$job], $first);

            return false;
        }

        return true;
    }

    /**
     * Takes a job's steps out, but for those that have begun.
     *
     * @return list<int> jobs that cannot stay where they stand without it
     */
    public function take(int $job): array
    {
        $stranded = [];
        $this->means->letGo($job);
        for ($step = $this->day->last[$job]; $step >= $this->firstFree($job); $step--) {
            if ($this->on[$step] >= 0) {
                array_push($stranded, ...$this->lift($step));
            }
        }
        isset($this->day->begun[$this->day->first[$job]]) && $this->hold($job);

        return $stranded;
    }

    private function firstFree(int $job): int
    {
        $step = $this->day->first[$job];
        while (isset($this->day->begun[$step])) {
            $step++;
        }

        return $step;
    }

    private function liftDown(int $from, int $to): void
    {
        for ($step = $from; $step >= $to; $step--) {
            $this->lift($step);
        }
    }

    /**
     * Writes down the means a job holds; where they are not there, its step that must begin later, and from when.
     *
     * @return array{?int, float}
     */
    private function hold(int $job): array
    {
        $spans = [];
        for ($step = $this->day->first[$job]; $step <= $this->day->last[$job]; $step++) {
            foreach ($this->on[$step] >= 0 ? $this->day->takes[$step] : [] as $means => $count) {
                $spans[$means] ??= [$step, $this->from[$step], 0.0, 0.0, 0.0];
                $spans[$means][2] = $this->to[$step];
                $spans[$means][3] = max($spans[$means][3], $count);
                $spans[$means][4] = $this->leastLength($spans[$means][0], $step);
            }
        }
        foreach ($spans as $means => [$first, $from, $to, $count, $least]) {
            if (isset($this->day->begun[$first])) {
                continue;
            }
            $most = $this->day->day->means[$means] - $count;
            foreach ([$least, $to - $from] as $length) {
                $later = $this->means->freeFrom($means, $job, $from, $length, $most);
                if ($later > $from) {
                    return [$first, $later];
                }
            }
        }
        foreach ($spans as $means => [$first, $from, $to, $count]) {
            $this->means->hold($means, $job, $from, $to, $count);
        }

        return [null, 0.0];
    }

    private function leastLength(int $first, int $last): float
    {
        $length = $this->day->minutes[$last];
        for ($step = $first; $step < $last; $step++) {
            $length += $this->day->minutes[$step] + $this->day->waitMin[$step];
        }

        return $length;
    }

    /** Puts a step where it ends soonest by this taste, not before a moment; its beginning, or INF for no place. */
    private function place(int $step, float $from, float $until, PlacementPreference $taste): float
    {
        $this->bestKey = $this->bestFrom = INF;
        foreach ($this->only === null ? $this->day->on[$step] : [$this->only[0]] as $machine) {
            $this->day->isOven[$machine]
                ? $this->seekBake($machine, $step, $from, $until, $taste->share)
                : $this->seekTurn($machine, $step, $from, $until, $taste->change);
        }
        if ($this->bestFrom < INF) {
            $this->stand($step);
        }

        return $this->bestFrom;
    }

    /** A place is better that keeps the wait before it; then by its key. */
    private function offer(float $key, float $from, float $until, int $machine, int $bake): void
    {
        if ($from > $until + self::NEAR) {
            $key = 1e9 + $from;
        }
        if ($key < $this->bestKey) {
            [$this->bestKey, $this->bestFrom, $this->bestOn] = [$key, $from, $machine];
            [$this->bestWho, $this->bestBake] = [$this->handsOf, $bake];
        }
    }

    /** Looks for turns on a machine that takes one step at a time. */
    private function seekTurn(int $machine, int $step, float $from, float $until, float $taste): void
    {
        $day = $this->day;
        $busyFrom = $this->turns->from[$machine];
        $busyTo = $this->turns->to[$machine];
        $with = $this->turns->with[$machine];
        $minutes = $day->minutes[$step];
        $change = $day->change[$machine];
        $colour = $change === [] ? -1 : $day->colour[$step];
        $n = count($busyFrom);
        $i = PackedSpans::after($busyTo, $from);
        $before = -1;
        for ($k = $i - 1; $change !== [] && $k >= 0 && $before < 0; $k--) {
            $before = $day->colour[$with[$k]];
        }
        $places = $taste > 0 && $colour >= 0 ? self::PLACES : 1;
        for (; $i <= $n; $i++) {
            $most = $i < $n ? $busyFrom[$i] : INF;
            $least = $i > 0 ? $busyTo[$i - 1] : -INF;
            $cost = 0.0;
            if ($change !== []) {
                if ($colour >= 0 && $before >= 0) {
                    $cost = $change[$before][$colour];
                    $least += $cost;
                }
                $k = $i;
                while ($k < $n && $day->colour[$with[$k]] < 0) {
                    $k++;
                }
                $last = $colour >= 0 ? $colour : $before;
                if ($k < $n && $last >= 0) {
                    $next = $day->colour[$with[$k]];
                    $gap = $change[$last][$next];
                    $cost += $gap - ($before >= 0 ? $change[$before][$next] : 0.0);
                    if ($k === $i) {
                        $most -= $gap;
                    } elseif ($gap - self::NEAR > $busyFrom[$k] - $busyTo[$k - 1]) {
                        $most = -INF;
                    }
                }
                if ($i < $n && $day->colour[$with[$i]] >= 0) {
                    $before = $day->colour[$with[$i]];
                }
            }
            $at = $least > $from ? $least : $from;
            if ($at + $minutes > $this->bestKey) {
                return;
            }
            $at = $at + $minutes <= $most + self::NEAR ? $this->meet($machine, $step, $at, $most) : INF;
            if ($at < INF) {
                $this->offer($at + $minutes + $taste * $cost, $at, $until, $machine, -1);
                if (--$places === 0) {
                    return;
                }
            }
        }
    }

    /** The earliest moment both the machine and hands are there, before the next thing on the machine; or INF. */
    private function meet(int $machine, int $step, float $at, float $most): float
    {
        $day = $this->day;
        $minutes = $day->minutes[$step];
        $most += self::NEAR;
        while (true) {
            $at = PackedSpans::fit($day->open[$machine], $at, $minutes);
            if ($at + $minutes > $most) {
                return INF;
            }
            if ($day->hands[$step] <= 0) {
                $this->handsOf = -1;

                return $at;
            }
            $hands = $this->hands($step, $at);
            if ($hands <= $at) {
                return $at;
            }
            if ($hands + $minutes > $most) {
                return INF;
            }
            $at = $hands;
        }
    }

    /** When the first of those able is free for it, not before a moment; who that is stands in handsOf. */
    private function hands(int $step, float $at): float
    {
        $day = $this->day;
        $minutes = $day->hands[$step];
        $best = INF;
        $able = $day->able[$step];
        foreach ($this->only === null ? $able : array_intersect($able, [$this->only[1]]) as $person) {
            $free = $this->hands->free($person, $at, $minutes);
            if ($free < $best) {
                $best = $free;
                $this->handsOf = $person;
                if ($free <= $at) {
                    break;
                }
            }
        }

        return $best;
    }

    /** Looks for bakes to join and for gaps for one of its own. */
    private function seekBake(int $machine, int $step, float $from, float $until, float $taste): void
    {
        $day = $this->day;
        $busyFrom = $this->turns->from[$machine];
        $busyTo = $this->turns->to[$machine];
        $with = $this->turns->with[$machine];
        $family = $day->family[$step];
        $minutes = $day->minutes[$step];
        $n = count($busyFrom);
        for ($i = PackedSpans::after($busyTo, $from); $i <= $n; $i++) {
            $at = $i > 0 && $busyTo[$i - 1] > $from ? $busyTo[$i - 1] : $from;
            if ($at + $minutes - $taste * $minutes > $this->bestKey) {
                return;
            }
            $most = $i < $n ? $busyFrom[$i] : INF;
            if ($at + $minutes <= $most + self::NEAR) {
                $at = $this->meet($machine, $step, $at, $most);
                $at === INF || $this->offer($at + $minutes, $at, $until, $machine, -1);
            }
            if ($i < $n && $busyFrom[$i] >= $from - self::NEAR && $day->family[$with[$i]] === $family) {
                $this->seekShare($machine, $step, $i, $until, $taste);
            }
        }
    }

    /** Whether a step can go in with a bake that stands. */
    private function seekShare(int $machine, int $step, int $i, float $until, float $taste): void
    {
        $day = $this->day;
        $bake = $this->turns->with[$machine][$i];
        $at = $this->turns->from[$machine][$i];
        if (isset($day->begun[$bake]) || ! $this->turns->hasRoom($machine, $bake, $step)) {
            return;
        }
        $end = $at + $day->minutes[$step];
        $stands = $this->turns->to[$machine][$i];
        if ($end > $stands + self::NEAR && ! $this->canLast($machine, $i, $end)) {
            return;
        }
        $this->handsOf = -1;
        if ($day->hands[$step] > 0 && ! $this->handsAt($step, $bake, $at)) {
            return;
        }
        $end = max($end, $stands);
        $this->offer($end - $taste * $day->minutes[$step], $at, $until, $machine, $bake);
    }

    /** Whether somebody able is there at the very moment a bake begins: who loads it anyway, or another. */
    private function handsAt(int $step, int $bake, float $at): bool
    {
        $day = $this->day;
        foreach ($this->turns->inBake($bake) as $mate) {
            $person = $this->who[$mate];
            $isAble = $person >= 0 && in_array($person, $day->able[$step], true);
            if ($isAble && $this->hands->canGoOn($person, $at, $day->hands[$step])) {
                $this->handsOf = $person;

                return true;
            }
        }

        return $this->hands($step, $at) <= $at;
    }

    /** Whether a bake can last until then: nothing after it on the oven or in the jobs in it would have to move. */
    private function canLast(int $machine, int $i, float $end): bool
    {
        $day = $this->day;
        $from = $this->turns->from[$machine][$i];
        if ($end > ($this->turns->from[$machine][$i + 1] ?? INF) + self::NEAR) {
            return false;
        }
        if (PackedSpans::fit($day->open[$machine], $from, $end - $from) > $from) {
            return false;
        }
        foreach ($this->turns->inBake($this->turns->with[$machine][$i]) as $mate) {
            $isLast = $mate === $day->last[$day->job[$mate]];
            if (
                $day->takes[$mate] !== [] ||
                (! $isLast && $this->from[$mate + 1] < $end + $day->waitMin[$mate] - self::NEAR) ||
                isset($day->begun[$mate])
            ) {
                return false;
            }
        }

        return true;
    }

    /** Stands a step at the best place found for it. */
    private function stand(int $step): void
    {
        [$machine, $from, $person] = [$this->bestOn, $this->bestFrom, $this->bestWho];
        $to = $from + $this->day->minutes[$step];
        if ($this->bestBake >= 0) {
            $to = $this->turns->join($machine, $this->bestBake, $step, $to);
            $this->endTogether($this->turns->inBake($this->bestBake), $to);
        } else {
            $this->turns->enter($machine, $step, $from, $to);
        }
        [$this->from[$step], $this->to[$step]] = [$from, $to];
        $this->on[$step] = $machine;
        $this->who[$step] = $person;
        $person < 0 || $this->hands->take($person, $from, $from + $this->day->hands[$step]);
    }

    /** @param  list<int>  $steps  of one bake */
    private function endTogether(array $steps, float $to): void
    {
        foreach ($steps as $step) {
            $this->to[$step] = $to;
        }
    }

    /**
     * Takes a step from its place.
     *
     * @return list<int> jobs that cannot stay where they stand without it
     */
    private function lift(int $step): array
    {
        $machine = $this->on[$step];
        $mates = [];
        if ($this->day->isOven[$machine]) {
            $mates = $this->turns->leaveBake($machine, $step);
            $stranded = $this->endSooner($mates);
        } else {
            $next = $this->turns->leave($machine, $step);
            $stranded = $next === null ? [] : [$this->day->job[$next]];
        }
        if ($this->who[$step] >= 0) {
            $this->freeHands($step, $mates);
        }
        $this->from[$step] = $this->to[$step] = INF;
        $this->on[$step] = $this->who[$step] = -1;

        return $stranded;
    }

    /** @param  list<int>  $mates  what stays in the bake it was in */
    private function freeHands(int $step, array $mates): void
    {
        $person = $this->who[$step];
        $rest = 0.0;
        foreach ($mates as $mate) {
            $rest = $this->who[$mate] === $person ? max($rest, $this->day->hands[$mate]) : $rest;
        }
        $this->hands->giveBack($person, $this->from[$step], $rest);
    }

    /**
     * A bake lasts as long as the longest that is left in it.
     *
     * @param  list<int>  $mates
     * @return list<int> jobs that then wait too long for what comes next
     */
    private function endSooner(array $mates): array
    {
        if ($mates === []) {
            return [];
        }
        $day = $this->day;
        $to = $this->from[$mates[0]] + max(array_map(fn (int $mate): float => $day->minutes[$mate], $mates));
        $this->endTogether($mates, $to);
        $stranded = [];
        foreach ($mates as $mate) {
            $next = $mate < $day->last[$day->job[$mate]] ? $this->from[$mate + 1] : INF;
            if ($next < INF && $next > $to + $day->waitMax[$mate] + self::NEAR) {
                $stranded[] = $day->job[$mate];
            }
        }

        return $stranded;
    }

    /** Stands a step that has begun where it is, whatever else stands there. */
    private function fix(int $step, int $machine, int $person, float $from): void
    {
        [$this->bestOn, $this->bestFrom, $this->bestWho, $this->bestBake] = [$machine, $from, $person, -1];
        foreach ($this->day->isOven[$machine] ? $this->turns->from[$machine] : [] as $i => $at) {
            if (abs($at - $from) < 1e-3) {
                [$this->bestBake, $this->bestFrom] = [$this->turns->with[$machine][$i], $at];
            }
        }
        $this->stand($step);
    }

    /** When the last step ends, min. */
    public function end(): float
    {
        return max([0.0, ...$this->to]);
    }

    /** Minutes of colour changes on all machines. */
    public function changeMinutes(): float
    {
        return $this->turns->changeMinutes();
    }

    /**
     * Steps on a step's machine about a moment: what it would have to make way for.
     *
     * @return list<int>
     */
    public function around(int $step, float $at, int $reach): array
    {
        $machines = $this->day->on[$step];
        $machine = $this->on[$step] >= 0 ? $this->on[$step] : $machines[0];

        return $this->turns->around($machine, $at, $reach);
    }

    /**
     * What a step waited for from a moment on: means that were out, or what was busier, its machine or its hands.
     *
     * @return array{DelayCause, string} which of them, and its key
     */
    public function waitedFor(int $step, float $since): array
    {
        $is = $this->day->placing($this, $step);
        $job = $this->day->job[$step];
        foreach ($this->day->takes[$step] as $means => $count) {
            $from = $this->means->since($means, $job);
            $most = $this->day->day->means[$means] - $count;
            $minutes = $is->toMin - $is->fromMin;
            if ($from >= $is->fromMin && $this->means->freeFrom($means, $job, $since, $minutes, $most) > $since) {
                return [DelayCause::Means, $means];
            }
        }
        $machine = $this->on[$step];
        $byMachine = $this->turns->within($machine, $since, $is->fromMin);
        $who = $this->who[$step];
        $byHands = $who < 0 ? -1.0 : $this->hands->within($who, $since, $is->fromMin);

        return $is->who !== null && $byHands > $byMachine
            ? [DelayCause::Hands, $is->who]
            : [DelayCause::Machine, $is->on];
    }
}
