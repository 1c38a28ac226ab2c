<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Random\Randomizer;

/**
 * Search for the least makespan where a day is no more than a job shop: every step on one machine of its own kind,
 * hands, hours, colours and windows without limit. Steps beside each other at the edges of a critical block change
 * places; a change is not taken back for a while, unless it gives what was not reached yet.
 *
 * Sources: E. Nowicki, C. Smutnicki, A fast taboo search algorithm for the job shop problem, Management Science 42
 * (1996), for the moves; É. Taillard, Parallel taboo search techniques for the job shop scheduling problem, ORSA
 * Journal on Computing 6 (1994), for what a move is estimated to give.
 */
final class PlainShop
{
    /** A change stays forbidden for so many moves, and up to as many more by chance. */
    private const FORBIDDEN = 8;

    /** So many moves without gain, and the search goes on from the best with some changes made by chance. */
    private const STALE = 1500;

    private const KICKS = 6;

    /** @var array<int, array<int, int>> machine => steps in order */
    private array $order = [];

    /** @var array<int, int> step => the one before it on its machine, and after; -1: none */
    private array $before;

    /** @var array<int, int> */
    private array $after;

    /** @var array<int, float> earliest beginning; and what is still to come after its end */
    private array $head;

    /** @var array<int, float> */
    private array $tail;

    /** @var array<int, int> steps, none before one it waits for */
    private array $sorted = [];

    public function __construct(private readonly PackedDay $day, private readonly Randomizer $random)
    {
        $this->before = $this->after = array_fill(0, $day->steps, -1);
        $this->head = $this->tail = array_fill(0, $day->steps, 0.0);
    }

    /** Whether a day is one. */
    public static function is(PackedDay $day): bool
    {
        return $day->day->aim === DayObjective::Makespan &&
            $day->begun === [] &&
            $day->day->before === [] &&
            array_filter($day->hands) === [] &&
            array_filter($day->isOven) === [] &&
            array_filter($day->open) === [] &&
            array_filter($day->change) === [] &&
            array_filter($day->takes) === [] &&
            max([0, ...array_map(count(...), $day->on)]) === 1 &&
            min([INF, ...$day->waitMax]) === INF;
    }

    /**
     * Goes on from a plan until the budget is used or nothing better can be.
     *
     * @param  float  $bound  min; no plan is shorter
     * @return array<int, float> step => when each step begins, min
     */
    public function search(Timetable $from, Budget $budget, float $bound): array
    {
        $this->read($from);
        $span = $best = $this->sweep();
        $heads = $this->head;
        $orders = $this->order;
        $forbidden = [];
        for ($move = $gain = 0; $best > $bound + PackedSpans::NEAR && $budget->another(); $move++) {
            $pair = $this->choose($forbidden, $move, $best);
            if ($pair === null || $move - $gain > self::STALE) {
                $this->kick($orders);
                [$span, $gain, $forbidden] = [$this->sweep(), $move, []];
            } else {
                $this->swap(...$pair);
                $moves = self::FORBIDDEN + $this->random->getInt(0, self::FORBIDDEN - 1);
                $forbidden[$pair[1]][$pair[0]] = $move + $moves;
                $span = $this->sweep();
            }
            if ($span < $best - PackedSpans::NEAR) {
                [$best, $heads, $orders, $gain] = [$span, $this->head, $this->order, $move];
            }
        }

        return $heads;
    }

    private function read(Timetable $from): void
    {
        foreach (range(0, $this->day->steps - 1) as $step) {
            $this->order[$this->day->on[$step][0]][] = $step;
        }
        foreach ($this->order as $machine => $steps) {
            usort($steps, fn (int $a, int $b): int => $from->from[$a] <=> $from->from[$b] ?: $a <=> $b);
            $this->order[$machine] = $steps;
        }
        $this->link();
    }

    private function link(): void
    {
        foreach ($this->order as $steps) {
            foreach ($steps as $i => $step) {
                $this->before[$step] = $steps[$i - 1] ?? -1;
                $this->after[$step] = $steps[$i + 1] ?? -1;
            }
        }
    }

    private function swap(int $first, int $second): void
    {
        $machine = $this->day->on[$first][0];
        $i = (int) array_search($first, $this->order[$machine], true);
        $this->order[$machine][$i] = $second;
        $this->order[$machine][$i + 1] = $first;
        $left = $this->before[$first];
        $right = $this->after[$second];
        [$this->before[$second], $this->after[$second]] = [$left, $first];
        [$this->before[$first], $this->after[$first]] = [$second, $right];
        if ($left >= 0) {
            $this->after[$left] = $second;
        }
        if ($right >= 0) {
            $this->before[$right] = $first;
        }
    }

    /** Works out heads and tails; the makespan, min. */
    private function sweep(): float
    {
        $day = $this->day;
        $this->sort();
        $span = 0.0;
        foreach ($this->sorted as $step) {
            $job = $day->job[$step];
            $at = $day->ready[$job];
            if ($step > $day->first[$job]) {
                $end = $this->head[$step - 1] + $day->minutes[$step - 1] + $day->waitMin[$step - 1];
                $at = $end > $at ? $end : $at;
            }
            $other = $this->before[$step];
            if ($other >= 0) {
                $end = $this->head[$other] + $day->minutes[$other];
                $at = $end > $at ? $end : $at;
            }
            $this->head[$step] = $at;
            $end = $at + $day->minutes[$step];
            $span = $end > $span ? $end : $span;
        }
        for ($i = count($this->sorted) - 1; $i >= 0; $i--) {
            $step = $this->sorted[$i];
            $rest = $step < $day->last[$day->job[$step]]
                ? $day->waitMin[$step] + $day->minutes[$step + 1] + $this->tail[$step + 1]
                : 0.0;
            $other = $this->after[$step];
            if ($other >= 0) {
                $more = $day->minutes[$other] + $this->tail[$other];
                $rest = $more > $rest ? $more : $rest;
            }
            $this->tail[$step] = $rest;
        }

        return $span;
    }

    private function sort(): void
    {
        $day = $this->day;
        $waits = $ready = [];
        for ($step = 0; $step < $day->steps; $step++) {
            $n = ($step > $day->first[$day->job[$step]] ? 1 : 0) + ($this->before[$step] >= 0 ? 1 : 0);
            $waits[] = $n;
            if ($n === 0) {
                $ready[] = $step;
            }
        }
        for ($i = 0; $i < count($ready); $i++) {
            $step = $ready[$i];
            if ($step < $day->last[$day->job[$step]] && --$waits[$step + 1] === 0) {
                $ready[] = $step + 1;
            }
            $next = $this->after[$step];
            if ($next >= 0 && --$waits[$next] === 0) {
                $ready[] = $next;
            }
        }
        $this->sorted = $ready;
    }

    /** @return list<list<int>> runs of steps on one machine along a longest path */
    private function blocks(): array
    {
        $day = $this->day;
        $span = 0.0;
        $step = -1;
        foreach ($this->sorted as $one) {
            $length = $this->head[$one] + $day->minutes[$one] + $this->tail[$one];
            $starts = $this->head[$one] <= $day->ready[$day->job[$one]] + PackedSpans::NEAR;
            if ($starts && $length > $span + PackedSpans::NEAR) {
                [$span, $step] = [$length, $one];
            }
        }
        $blocks = [];
        $block = [];
        while ($step >= 0) {
            $block[] = $step;
            $end = $this->head[$step] + $day->minutes[$step];
            $rest = $this->tail[$step];
            $next = $this->after[$step];
            $along = $next >= 0
                && abs($this->head[$next] - $end) < PackedSpans::NEAR
                && abs($day->minutes[$next] + $this->tail[$next] - $rest) < PackedSpans::NEAR;
            if (! $along) {
                $blocks[] = $block;
                $block = [];
                $next = $rest > PackedSpans::NEAR ? $step + 1 : -1;
            }
            $step = $next;
        }
        $block === [] || $blocks[] = $block;

        return $blocks;
    }

    /**
     * The pair at a block's edge that promises most.
     *
     * @param  array<int, array<int, int>>  $forbidden  first => second => until which move
     * @return array{int, int}|null
     */
    private function choose(array $forbidden, int $move, float $best): ?array
    {
        $blocks = $this->blocks();
        $pairs = [];
        foreach ($blocks as $n => $block) {
            $count = count($block);
            if ($count < 2) {
                continue;
            }
            if ($n > 0) {
                $pairs[] = [$block[0], $block[1]];
            }
            if ($n < count($blocks) - 1 && ($count > 2 || $n === 0)) {
                $pairs[] = [$block[$count - 2], $block[$count - 1]];
            }
        }
        $chosen = null;
        $least = INF;
        foreach ($pairs as $pair) {
            $promise = $this->promise(...$pair) + 1e-3 * $this->share();
            $isForbidden = ($forbidden[$pair[0]][$pair[1]] ?? -1) > $move;
            if ($promise < $least && (! $isForbidden || $promise < $best - PackedSpans::NEAR)) {
                [$least, $chosen] = [$promise, $pair];
            }
        }

        return $chosen ?? ($pairs === [] ? null : $pairs[$this->random->getInt(0, count($pairs) - 1)]);
    }

    /** The longest path through both once they have changed places, min. */
    private function promise(int $first, int $second): float
    {
        $day = $this->day;
        $left = $this->before[$first];
        $right = $this->after[$second];
        $free = fn (int $step): float => $step > $day->first[$day->job[$step]]
            ? $this->head[$step - 1] + $day->minutes[$step - 1] + $day->waitMin[$step - 1]
            : $day->ready[$day->job[$step]];
        $rest = fn (int $step): float => $step < $day->last[$day->job[$step]]
            ? $day->waitMin[$step] + $day->minutes[$step + 1] + $this->tail[$step + 1]
            : 0.0;
        $headSecond = max($free($second), $left >= 0 ? $this->head[$left] + $day->minutes[$left] : 0.0);
        $headFirst = max($free($first), $headSecond + $day->minutes[$second]);
        $tailFirst = max($rest($first), $right >= 0 ? $day->minutes[$right] + $this->tail[$right] : 0.0);
        $tailSecond = max($rest($second), $day->minutes[$first] + $tailFirst);

        return max(
            $headSecond + $day->minutes[$second] + $tailSecond,
            $headFirst + $day->minutes[$first] + $tailFirst,
        );
    }

    /** @param  array<int, array<int, int>>  $orders */
    private function kick(array $orders): void
    {
        $this->order = $orders;
        $this->link();
        for ($n = 0; $n < self::KICKS; $n++) {
            $this->sweep();
            $pairs = [];
            foreach ($this->blocks() as $block) {
                for ($i = 1; $i < count($block); $i++) {
                    $pairs[] = [$block[$i - 1], $block[$i]];
                }
            }
            if ($pairs !== []) {
                $this->swap(...$pairs[$this->random->getInt(0, count($pairs) - 1)]);
            }
        }
    }

    /** A random number from 0 to below 1; Randomizer::getFloat() comes with PHP 8.3. */
    private function share(): float
    {
        return ($this->random->nextInt() >> 10) / 2 ** 53;
    }
}
