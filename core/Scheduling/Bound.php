<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/**
 * What no plan can be under: every job is at least as late as with the shop to itself; and every machine, every kind
 * of hands and every oven's room can only do so much, even if work could be broken off at will.
 *
 * Sources: J. R. Jackson, Scheduling a production line to minimize maximum tardiness, UCLA (1955), with broken work,
 * for the makespan; C. Chu, A branch-and-bound algorithm to minimize total tardiness with different release dates,
 * Naval Research Logistics 39 (1992), for the lateness.
 */
final readonly class Bound
{
    /** Of the first thing the day aims at, min. */
    public static function of(PackedDay $day, SingleJobRelaxation $alone): float
    {
        $isSpan = $day->day->aim === DayObjective::Makespan;
        $bound = $isSpan ? max([0.0, ...$alone->end]) : self::lateAlone($day, $alone);
        foreach (self::means($day) as [$rate, $work]) {
            $bound = max($bound, $isSpan
                ? self::span($day, $alone, $rate, $work)
                : self::lateness($day, $alone, $rate, $work));
        }

        return $bound;
    }

    private static function lateAlone(PackedDay $day, SingleJobRelaxation $alone): float
    {
        $late = 0.0;
        foreach ($alone->end as $job => $end) {
            $late += $day->weight[$job] * max(0.0, $end - $day->due[$job]);
        }

        return $late;
    }

    /**
     * What work passes through: machines that stand for each other, and hands by what they can.
     *
     * @return list<array{list<array{float, float, float}>, array<int, float>}> spans with what can be done in a minute
     *      of them; step => what it asks
     */
    private static function means(PackedDay $day): array
    {
        $groups = $hands = [];
        foreach ($day->on as $step => $machines) {
            sort($machines);
            $ovens = array_filter($machines, fn (int $machine): bool => $day->isOven[$machine]);
            if (count($ovens) === count($machines)) {
                $groups['ovens '.implode(' ', $machines)][$step] = $day->minutes[$step] * $day->room[$step];
            } elseif ($ovens === []) {
                $groups['one '.implode(' ', $machines)][$step] = $day->minutes[$step];
            }
            if ($day->hands[$step] > 0 && $ovens === []) {
                $hands[implode(' ', $day->able[$step])][$step] = $day->hands[$step];
            }
        }
        $means = [];
        foreach ($groups as $name => $work) {
            $rates = [];
            foreach (array_slice(explode(' ', $name), 1) as $machine) {
                $rate = str_starts_with($name, 'ovens') ? $day->roomOf[(int) $machine] : 1.0;
                $rates[] = [$day->open[(int) $machine], $rate];
            }
            $means[] = [self::rates($rates), $work];
        }
        foreach ($hands as $people => $work) {
            $rates = array_map(fn (string $p): array => [$day->there[(int) $p], 1.0], explode(' ', (string) $people));
            $means[] = [self::rates($rates), $work];
        }

        return $means;
    }

    /**
     * How much can be done in a minute, span by span.
     *
     * @param  list<array{array{list<float>, list<float>, list<int>}|array{}, float}>  $open  spans, and rate in them
     * @return list<array{float, float, float}> from, to, rate; without holes to the end of time
     */
    private static function rates(array $open): array
    {
        $turns = ['-INF' => [-INF, 0.0]];
        foreach ($open as [$spans, $rate]) {
            foreach ($spans === [] ? [[-INF], [INF]] : [$spans[0], $spans[1]] as $n => $moments) {
                foreach ($moments as $moment) {
                    $turns["{$moment}"] ??= [$moment, 0.0];
                    $turns["{$moment}"][1] += $n === 0 ? $rate : -$rate;
                }
            }
        }
        usort($turns, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $spans = [];
        $now = 0.0;
        foreach ($turns as $n => [$moment, $more]) {
            $now += $more;
            $spans[] = [$moment, $turns[$n + 1][0] ?? INF, $now];
        }

        return $spans;
    }

    /**
     * Longest rest first, broken off whenever one with a longer rest comes: the least span of one means.
     *
     * @param  list<array{float, float, float}>  $rate
     * @param  array<int, float>  $work
     */
    private static function span(PackedDay $day, SingleJobRelaxation $alone, array $rate, array $work): float
    {
        $tasks = [];
        foreach ($work as $step => $much) {
            $tasks[] = [$alone->from[$step], $much, -$alone->rest[$step]];
        }
        $span = 0.0;
        foreach (self::run($tasks, $rate, false) as $task => $end) {
            $span = max($span, $end - $tasks[$task][2]);
        }

        return $span;
    }

    /**
     * Least work left first, which has no end later in its order than any other way; the ends meet the due moments in
     * order, each minute late at the least weight.
     *
     * @param  list<array{float, float, float}>  $rate
     * @param  array<int, float>  $work
     */
    private static function lateness(PackedDay $day, SingleJobRelaxation $alone, array $rate, array $work): float
    {
        $tasks = $dues = [];
        $weight = INF;
        foreach ($work as $step => $much) {
            $job = $day->job[$step];
            $tasks[$job] ??= [$alone->from[$step], 0.0, 0.0];
            $tasks[$job][1] += $much;
            $dues[$job] = $day->due[$job] - $alone->rest[$step];
            $weight = min($weight, $day->weight[$job]);
        }
        $ends = self::run(array_values($tasks), $rate, true);
        sort($ends);
        sort($dues);
        $late = 0.0;
        foreach ($ends as $n => $end) {
            $late += max(0.0, $end - $dues[$n]);
        }

        return $weight * $late;
    }

    /**
     * Works tasks off, breaking one off where another comes that goes before it.
     *
     * @param  list<array{float, float, float}>  $tasks  from when, how much, what orders them
     * @param  list<array{float, float, float}>  $rate
     * @param  bool  $byRest  what is left of them orders them
     * @return array<int, float> task => its end
     */
    private static function run(array $tasks, array $rate, bool $byRest): array
    {
        $coming = array_keys($tasks);
        usort($coming, fn (int $a, int $b): int => $tasks[$b][0] <=> $tasks[$a][0]);
        $left = $ends = [];
        /** @var \SplMinHeap<array{float, int}> $heap */
        $heap = new \SplMinHeap();
        $at = -INF;
        foreach ($rate as [$from, $to, $speed]) {
            $at = max($at, $from);
            while ($at < $to) {
                while ($coming !== [] && $tasks[end($coming)][0] <= $at) {
                    $task = array_pop($coming);
                    $left[$task] = $tasks[$task][1];
                    $heap->insert([$byRest ? $left[$task] : $tasks[$task][2], $task]);
                }
                $next = min($to, $coming === [] ? INF : $tasks[end($coming)][0]);
                if ($heap->isEmpty() || $speed <= 0) {
                    if ($next === INF) {
                        break;
                    }
                    $at = $next;

                    continue;
                }
                [, $task] = $heap->extract();
                $end = $at + $left[$task] / $speed;
                if ($end <= $next) {
                    $ends[$task] = $at = $end;
                } else {
                    $left[$task] -= ($next - $at) * $speed;
                    $heap->insert([$byRest ? $left[$task] : $tasks[$task][2], $task]);
                    $at = $next;
                }
            }
        }

        return $ends;
    }
}
