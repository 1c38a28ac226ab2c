<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** Reserved hands by person and time. Absent people are unavailable. */
final class LaborReservations
{
    /** @var array<int, array<int, float>> person => from and to, in order */
    private array $from;

    /** @var array<int, array<int, float>> */
    private array $to;

    /** @param  list<array{list<float>, list<float>, list<int>}|array{}>  $there  person => when, see PackedSpans */
    public function __construct(private readonly array $there)
    {
        $this->from = $this->to = array_fill(0, count($there), []);
    }

    /** When a person is next free for so many minutes, not before a moment, min; INF where never. */
    public function free(int $person, float $at, float $minutes): float
    {
        $busyFrom = $this->from[$person];
        $busyTo = $this->to[$person];
        $n = count($busyFrom);
        $i = PackedSpans::after($busyTo, $at);
        while (true) {
            while ($i < $n && $at + $minutes > $busyFrom[$i] + PackedSpans::NEAR) {
                $at = $busyTo[$i] > $at ? $busyTo[$i] : $at;
                $i++;
            }
            $fits = PackedSpans::fit($this->there[$person], $at, $minutes);
            if ($fits <= $at || $fits === INF) {
                return $fits;
            }
            $at = $fits;
            while ($i < $n && $busyTo[$i] <= $at + PackedSpans::NEAR) {
                $i++;
            }
        }
    }

    /** Whether hands that load a bake from a moment on can load for so many minutes in all. */
    public function canGoOn(int $person, float $from, float $minutes): bool
    {
        $until = $this->to[$person][PackedSpans::after($this->to[$person], $from)];
        $more = $from + $minutes - $until;

        return $more <= 0 || (
            PackedSpans::fit($this->there[$person], $from, $minutes) <= $from &&
            $this->free($person, $until, $more) <= $until
        );
    }

    /** Takes them; of two steps loaded from the same moment on, until the later end. */
    public function take(int $person, float $from, float $to): void
    {
        $i = PackedSpans::after($this->to[$person], $from);
        if (abs(($this->from[$person][$i] ?? INF) - $from) <= PackedSpans::NEAR) {
            $this->to[$person][$i] = max($this->to[$person][$i], $to);

            return;
        }
        array_splice($this->from[$person], $i, 0, [$from]);
        array_splice($this->to[$person], $i, 0, [$to]);
    }

    /** Gives back what was taken from a moment on, but for so many minutes that others in the bake need. */
    public function giveBack(int $person, float $from, float $rest): void
    {
        $i = PackedSpans::after($this->to[$person], $from);
        if ($rest > 0) {
            $this->to[$person][$i] = $from + $rest;

            return;
        }
        array_splice($this->from[$person], $i, 1);
        array_splice($this->to[$person], $i, 1);
    }

    /** How much of the time between two moments they are taken, min. */
    public function within(int $person, float $from, float $to): float
    {
        return PackedSpans::within($this->from[$person], $this->to[$person], $from, $to);
    }
}
