<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/**
 * What stands on the machines, in order of time. A step has a turn of its own; a bake is one turn, for which its first
 * step speaks.
 */
final class Turns
{
    /** @var array<int, array<int, float>> machine => turn => from, min */
    public array $from;

    /** @var array<int, array<int, float>> machine => turn => to, min */
    public array $to;

    /** @var array<int, array<int, int>> machine => turn => the step that speaks for it */
    public array $with;

    /** @var array<int, list<int>> bake, by the step that speaks for it => all steps in it */
    private array $inBake = [];

    /** @var array<int, int> step => the one that speaks for its bake */
    private array $bakeOf = [];

    /** @var array<int, float> bake => room taken, as a share of the oven */
    private array $roomUsed = [];

    public function __construct(private readonly PackedDay $day)
    {
        $this->from = $this->to = $this->with = array_fill(0, count($day->isOven), []);
    }

    /**
     * All steps in a bake.
     *
     * @return list<int>
     */
    public function inBake(int $bake): array
    {
        return $this->inBake[$bake];
    }

    /** Whether a bake leaves room for a step. */
    public function hasRoom(int $machine, int $bake, int $step): bool
    {
        return $this->roomUsed[$bake] + $this->day->room[$step] <= $this->day->roomOf[$machine] + PackedSpans::NEAR;
    }

    /** A turn of its own for a step. */
    public function enter(int $machine, int $step, float $from, float $to): void
    {
        $turn = PackedSpans::after($this->to[$machine], $from);
        array_splice($this->from[$machine], $turn, 0, [$from]);
        array_splice($this->to[$machine], $turn, 0, [$to]);
        array_splice($this->with[$machine], $turn, 0, [$step]);
        if ($this->day->isOven[$machine]) {
            $this->inBake[$step] = [$step];
            $this->bakeOf[$step] = $step;
            $this->roomUsed[$step] = $this->day->room[$step];
        }
    }

    /** A step goes in with a bake; when all of it ends now, min. */
    public function join(int $machine, int $bake, int $step, float $to): float
    {
        $turn = $this->turnOf($machine, $bake);
        $this->inBake[$bake][] = $step;
        $this->bakeOf[$step] = $bake;
        $this->roomUsed[$bake] += $this->day->room[$step];

        return $this->to[$machine][$turn] = max($to, $this->to[$machine][$turn]);
    }

    /**
     * A step comes out of its bake, which then lasts as long as the longest left in it.
     *
     * @return list<int> what is left in it
     */
    public function leaveBake(int $machine, int $step): array
    {
        $bake = $this->bakeOf[$step];
        $turn = $this->turnOf($machine, $bake);
        $left = array_values(array_diff($this->inBake[$bake], [$step]));
        $used = $this->roomUsed[$bake] - $this->day->room[$step];
        unset($this->inBake[$bake], $this->roomUsed[$bake], $this->bakeOf[$step]);
        if ($left === []) {
            $this->clear($machine, $turn);

            return [];
        }
        [$this->inBake[$left[0]], $this->roomUsed[$left[0]]] = [$left, $used];
        $this->with[$machine][$turn] = $left[0];
        $longest = 0.0;
        foreach ($left as $mate) {
            $this->bakeOf[$mate] = $left[0];
            $longest = max($longest, $this->day->minutes[$mate]);
        }
        $this->to[$machine][$turn] = $this->from[$machine][$turn] + $longest;

        return $left;
    }

    /** A step gives up its turn; the step after it to which the colour change is too long now, or null. */
    public function leave(int $machine, int $step): ?int
    {
        $turn = $this->turnOf($machine, $step);
        $this->clear($machine, $turn);
        $change = $this->day->change[$machine];
        if ($change === []) {
            return null;
        }
        $with = $this->with[$machine];
        $colours = $this->day->colour;
        for ($after = $turn; $after < count($with) && $colours[$with[$after]] < 0;) {
            $after++;
        }
        for ($before = $turn - 1; $before >= 0 && $colours[$with[$before]] < 0;) {
            $before--;
        }
        if ($before < 0 || $after >= count($with)) {
            return null;
        }
        $gap = $change[$colours[$with[$before]]][$colours[$with[$after]]];
        $is = $this->from[$machine][$after] - $this->to[$machine][$after - 1];

        return $is < $gap - PackedSpans::NEAR ? $with[$after] : null;
    }

    /** Minutes of colour changes on all machines. */
    public function changeMinutes(): float
    {
        $sum = 0.0;
        foreach ($this->day->change as $machine => $change) {
            $last = -1;
            foreach ($change === [] ? [] : $this->with[$machine] as $step) {
                $colour = $this->day->colour[$step];
                if ($colour >= 0) {
                    $sum += $last >= 0 ? $change[$last][$colour] : 0.0;
                    $last = $colour;
                }
            }
        }

        return $sum;
    }

    /**
     * Those who speak for the turns about a moment.
     *
     * @param  int  $reach  so many to either side of it; at the beginning of the day so many more after it
     * @return list<int>
     */
    public function around(int $machine, float $at, int $reach): array
    {
        $turn = PackedSpans::after($this->to[$machine], $at);

        return array_slice($this->with[$machine], max(0, $turn - $reach), 2 * $reach + 1);
    }

    /** How much of the time between two moments a machine is busy, min. */
    public function within(int $machine, float $from, float $to): float
    {
        return PackedSpans::within($this->from[$machine], $this->to[$machine], $from, $to);
    }

    private function turnOf(int $machine, int $step): int
    {
        return (int) array_search($step, $this->with[$machine], true);
    }

    private function clear(int $machine, int $turn): void
    {
        array_splice($this->from[$machine], $turn, 1);
        array_splice($this->to[$machine], $turn, 1);
        array_splice($this->with[$machine], $turn, 1);
    }
}
