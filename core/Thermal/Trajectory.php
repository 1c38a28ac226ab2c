<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** A finished run: temperatures at any moment, the energy used, and each item's curve in pieces. */
final readonly class Trajectory
{
    /**
     * @param  list<Step>  $steps
     * @param  list<LoadItem>  $load
     */
    public function __construct(public array $steps, private HeatBalance $balance, public array $load)
    {
    }

    /** How long it runs, s. */
    public function endS(): float
    {
        return $this->steps === [] ? 0.0 : $this->steps[count($this->steps) - 1]->toS;
    }

    /** Oven air, °C. */
    public function airC(float $second): float
    {
        return $this->node(0, $second);
    }

    /** Oven shell, °C. */
    public function shellC(float $second): float
    {
        return $this->node(1, $second);
    }

    /** Energy taken in up to a second, kWh. */
    public function energyKwh(float $second): float
    {
        return $this->node(2, $second) / 3.6e6;
    }

    /** An item's surface, °C. */
    public function surfaceC(int $item, float $second): float
    {
        return $this->node(HeatBalance::ITEMS + $item, $second);
    }

    /** An item's core, °C. */
    public function coreC(int $item, float $second): float
    {
        return $this->node($this->balance->coreOf($item), $second);
    }

    /** @return list<Segment> */
    public function airCourse(): array
    {
        return array_map(fn (Step $step): Segment => $step->course(0), $this->steps);
    }

    /** @return list<Segment> */
    public function surfaceCourse(int $item): array
    {
        return array_map(fn (Step $step): Segment => $step->course(HeatBalance::ITEMS + $item), $this->steps);
    }

    /** @return list<Segment> */
    public function coreCourse(int $item): array
    {
        $node = $this->balance->coreOf($item);

        return array_map(fn (Step $step): Segment => $step->course($node), $this->steps);
    }

    /** Whether an item's core lags its surface. */
    public function isSlab(int $item): bool
    {
        return $this->balance->coreOf($item) !== HeatBalance::ITEMS + $item;
    }

    private function node(int $node, float $second): float
    {
        $low = 0;
        $high = count($this->steps) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->steps[$middle]->toS < $second) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $this->steps[$low]->course($node)->at($second);
    }
}
