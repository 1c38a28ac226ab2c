<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** Spans of time as the search looks them up: beginnings and ends in order, found by halving or by blocks. */
final readonly class PackedSpans
{
    /** Two moments nearer than this are one, min. */
    public const NEAR = 1e-7;

    /** What is open is found by blocks of so many minutes. */
    private const BLOCK = 240;

    /**
     * Beginnings and ends, and for every block of minutes from 0 the first span that is not over before it.
     *
     * @return array{list<float>, list<float>, list<int>}|array{} empty for always
     */
    public static function of(Spans $spans): array
    {
        if ($spans->open === []) {
            return [];
        }
        [$from, $to] = [array_column($spans->open, 0), array_column($spans->open, 1)];
        $first = [];
        $last = max($to);
        for ($at = 0.0; $at < $last; $at += self::BLOCK) {
            for ($n = 0; $to[$n] <= $at;) {
                $n++;
            }
            $first[] = $n;
        }

        return [$from, $to, $first];
    }

    /**
     * As Spans::fit: the earliest moment from which so many minutes lie in one span, min; INF where none is.
     *
     * @param  array{list<float>, list<float>, list<int>}|array{}  $open
     */
    public static function fit(array $open, float $at, float $minutes): float
    {
        if ($open === []) {
            return $at;
        }
        [$from, $to, $first] = $open;
        $count = count($from);
        for ($n = $at > 0 ? $first[(int) ($at / self::BLOCK)] ?? $count : 0; $n < $count; $n++) {
            $start = $from[$n] > $at ? $from[$n] : $at;
            if ($start + $minutes <= $to[$n] + self::NEAR) {
                return $start;
            }
        }

        return INF;
    }

    /**
     * The first of the spans that has not ended by a moment; how many there are where all have.
     *
     * @param  array<int, float>  $ends  in order
     */
    public static function after(array $ends, float $at): int
    {
        $at += self::NEAR;
        $low = 0;
        $high = count($ends);
        while ($low < $high) {
            $mid = ($low + $high) >> 1;
            if ($ends[$mid] > $at) {
                $high = $mid;
            } else {
                $low = $mid + 1;
            }
        }

        return $low;
    }

    /**
     * How much of the time between two moments they fill, min.
     *
     * @param  array<int, float>  $starts
     * @param  array<int, float>  $ends
     */
    public static function within(array $starts, array $ends, float $from, float $to): float
    {
        $busy = 0.0;
        foreach ($starts as $n => $start) {
            $busy += max(0.0, min($to, $ends[$n]) - max($from, $start));
        }

        return $busy;
    }
}
