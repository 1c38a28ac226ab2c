<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * Regions of one piece, joined by metal: each gives its neighbours w_per_k for every kelvin it is hotter. In the
 * linear system they are one small dense block, solved by elimination; it is diagonally dominant and needs no pivots.
 */
final class LinkedBlock
{
    /** @var list<list<float>> factored */
    private array $matrix = [];

    /**
     * @param  list<int>  $items  positions in the load
     * @param  list<array{int, int, float}>  $links  two places in that list, and W/K within one piece
     */
    public function __construct(public readonly array $items, private readonly array $links)
    {
    }

    /**
     * Heat the links carry into each item of one piece, W, by its place in the block.
     *
     * @param  array<int, float>  $y  state
     * @return list<float>
     */
    public function into(array $y): array
    {
        $watts = array_fill(0, count($this->items), 0.0);
        foreach ($this->links as [$a, $b, $wPerK]) {
            $flow = $wPerK * ($y[HeatBalance::ITEMS + $this->items[$b]] - $y[HeatBalance::ITEMS + $this->items[$a]]);
            $watts[$a] += $flow;
            $watts[$b] -= $flow;
        }

        return array_values($watts);
    }

    /**
     * @param  list<float>  $pivots  of each item as if it were alone
     * @param  list<float>  $capacities  of one piece's item, J/K
     */
    public function factor(array $pivots, array $capacities): void
    {
        $n = count($this->items);
        $m = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($pivots as $i => $pivot) {
            $m[$i][$i] = $pivot;
        }
        foreach ($this->links as [$a, $b, $wPerK]) {
            foreach ([[$a, $b], [$b, $a]] as [$i, $j]) {
                $m[$i][$i] += $wPerK / $capacities[$i];
                $m[$i][$j] -= $wPerK / $capacities[$i];
            }
        }
        for ($k = 0; $k < $n; $k++) {
            for ($i = $k + 1; $i < $n; $i++) {
                $m[$i][$k] /= $m[$k][$k];
                for ($j = $k + 1; $j < $n; $j++) {
                    $m[$i][$j] -= $m[$i][$k] * $m[$k][$j];
                }
            }
        }
        $this->matrix = array_map(array_values(...), $m);
    }

    /**
     * @param  list<float>  $r
     * @return list<float> the block's unknowns for that right-hand side
     */
    public function solve(array $r): array
    {
        $n = count($r);
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < $i; $j++) {
                $r[$i] -= $this->matrix[$i][$j] * $r[$j];
            }
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($j = $i + 1; $j < $n; $j++) {
                $r[$i] -= $this->matrix[$i][$j] * $r[$j];
            }
            $r[$i] /= $this->matrix[$i][$i];
        }

        return array_values($r);
    }
}
