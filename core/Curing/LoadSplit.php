<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RegionLinks;

/**
 * Parts a load that no single bake serves into as few bakes as will do.
 *
 * Items are put in order of how slowly they heat, and each bake takes the longest run of neighbours it can serve,
 * slowest first: a bake fails because its slowest and its fastest are too far apart, so neighbours belong together
 * and the longest run wastes least. A load is never parted through a piece. An item that cannot be baked even alone
 * is tried with fewer pieces at a time.
 */
final readonly class LoadSplit
{
    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     */
    public function __construct(
        private Oven $oven,
        private array $load,
        private array $aims,
        private OvenSchedule $schedule,
        private BakeRules $rules,
    ) {
    }

    /** @return list<SplitBake> */
    public function bakes(): array
    {
        $order = RegionLinks::groups($this->load);
        usort($order, fn (array $a, array $b): int => $this->slowness($b) <=> $this->slowness($a));
        $bakes = [];
        while ($order !== []) {
            [$taken, $plan] = $this->longestRun($order);
            $bakes[] = $plan->feasible
                ? new SplitBake(array_merge(...$taken), $plan, null)
                : $this->fewerAtATime($taken[0], $plan);
            $order = array_slice($order, count($taken));
        }

        return $bakes;
    }

    /**
     * @param  non-empty-list<non-empty-list<int>>  $order  pieces, each with its items
     * @return array{non-empty-list<non-empty-list<int>>, BakePlan}
     */
    private function longestRun(array $order): array
    {
        $plan = $this->plan($order[0]);
        $low = 1;
        $high = count($order);
        if (! $plan->feasible) {
            return [[$order[0]], $plan];
        }
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $wider = $this->plan(array_merge(...array_slice($order, 0, $middle)));
            if ($wider->feasible) {
                [$low, $plan] = [$middle, $wider];
            } else {
                $high = $middle - 1;
            }
        }

        return [[$order[0], ...array_slice($order, 1, $low - 1)], $plan];
    }

    /** @param  non-empty-list<int>  $items  of one kind of piece */
    private function fewerAtATime(array $items, BakePlan $alone): SplitBake
    {
        for ($pieces = intdiv($this->load[$items[0]]->count, 2); $pieces >= 1; $pieces = intdiv($pieces, 2)) {
            $plan = $this->plan($items, $pieces);
            if ($plan->feasible) {
                return new SplitBake($items, $plan, $pieces);
            }
        }

        return new SplitBake($items, $alone, null);
    }

    /** @param  list<int>  $items */
    private function plan(array $items, ?int $pieces = null): BakePlan
    {
        return (new BakePlanner(
            $this->oven,
            array_map(
                fn (int $i): LoadItem => $pieces === null ? $this->load[$i] : $this->load[$i]->withCount($pieces),
                $items,
            ),
            array_map(fn (int $i): CureTarget => $this->aims[$i], $items),
            $this->schedule,
            $this->rules,
        ))->plan();
    }

    /**
     * Seconds to close most of the gap to the oven: m·cp/(h_total·A), of a piece its slowest region.
     *
     * @param  non-empty-list<int>  $items
     */
    private function slowness(array $items): float
    {
        return max(array_map(function (int $item): float {
            $it = $this->load[$item];

            return ($it->massKg * $it->metal->heatCapacity->at(150)) /
                ($it->areaM2 * max(1e-9, $it->exchangeWPerM2K($this->oven, 150)));
        }, $items));
    }
}
