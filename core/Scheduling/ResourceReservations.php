<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** Racks, hooks and whatever else there is only so much of: which job holds how many, from when to when. */
final class ResourceReservations
{
    /** @var array<string, array<int, array{float, float, float}>> means => job => from, to, how many */
    private array $held = [];

    /** A job holds so many of a means from one moment to another, min, and no longer what it held of it before. */
    public function hold(string $means, int $job, float $from, float $to, float $count): void
    {
        $this->held[$means][$job] = [$from, $to, $count];
    }

    /** A job holds nothing any more. */
    public function letGo(int $job): void
    {
        foreach (array_keys($this->held) as $means) {
            unset($this->held[$means][$job]);
        }
    }

    /** Since when a job holds a means, min; -INF where it does not. */
    public function since(string $means, int $job): float
    {
        return $this->held[$means][$job][0] ?? -INF;
    }

    /** The moment before which no span as long as this can begin, with at most so many held by others. */
    public function freeFrom(string $means, int $job, float $from, float $length, float $most): float
    {
        $others = $this->held[$means] ?? [];
        unset($others[$job]);
        $turns = [];
        foreach ($others as [$begins, $finishes, $count]) {
            if ($finishes > $from + PackedSpans::NEAR) {
                $turns[] = [$begins, $count];
                $turns[] = [$finishes, -$count];
            }
        }
        // What is given back at a moment is there for who takes it then.
        usort($turns, fn (array $a, array $b): int => $a[0] <=> $b[0] ?: $a[1] <=> $b[1]);
        $held = 0.0;
        $isFull = false;
        foreach ($turns as [$at, $count]) {
            if (! $isFull && $at >= $from + $length - PackedSpans::NEAR) {
                break;
            }
            $held += $count;
            if ($isFull && $held <= $most + PackedSpans::NEAR) {
                $from = max($from, $at);
            }
            $isFull = $held > $most + PackedSpans::NEAR;
        }

        return $from;
    }
}
