<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * The layers of one slab inside the heat balance: neighbours exchange k·A/dx·ΔT, and only the outermost, the item's
 * surface node, meets the oven. Its part of the linear system is tridiagonal: it is folded from the core out onto the
 * surface's own equation, and unfolded inwards once the surface is known.
 */
final class SlabChain
{
    /** @var list<float> */
    private array $down = [];

    /** @var list<float> */
    private array $inverse = [];

    /** @var list<float> */
    private array $up = [];

    private float $ontoSurface = 0.0;

    /**
     * @param  non-empty-list<int>  $inner  state positions of the layers below the surface, core first
     * @param  int  $surface  state position of the outermost layer
     * @param  float  $conductance  k·A/dx between neighbours, W/K
     * @param  array{float, float, float, float, float, float}  $capacity  of one layer, J/K, as a polynomial of °C
     */
    public function __construct(
        public readonly array $inner,
        private readonly int $surface,
        private readonly float $conductance,
        private readonly array $capacity,
    ) {
    }

    /**
     * Adds conduction to the slopes.
     *
     * @param  array<int, float>  $y
     * @param  array<int, float>  $f
     */
    public function schedule(array $y, array &$f): void
    {
        $below = 0.0;
        $outer = [...array_slice($this->inner, 1), $this->surface];
        foreach ($this->inner as $j => $node) {
            $above = $this->conductance * ($y[$outer[$j]] - $y[$node]);
            $f[$node] = ($above - $below) / $this->capacityAt($y[$node]);
            $below = $above;
        }
        $f[$this->surface] -= $below / $this->capacityAt($y[$this->surface]);
    }

    /**
     * Eliminates the layers from the core outwards; returns what is left on the surface's diagonal.
     *
     * @param  array<int, float>  $y
     * @param  array<int, float>  $f  the slopes at y
     */
    public function factor(array $y, array $f, float $surfacePivot, float $shift): float
    {
        $this->down = $this->inverse = $this->up = [];
        $g = $this->conductance;
        $carry = 0.0;
        foreach ($this->inner as $j => $node) {
            $capacity = $this->capacityAt($y[$node]);
            $down = $j === 0 ? 0.0 : $g / $capacity;
            $pivot =
                $shift +
                ($g * ($j === 0 ? 1 : 2) + $f[$node] * $this->steepnessAt($y[$node])) / $capacity -
                $down * $carry;
            $this->down[] = $down;
            $this->inverse[] = 1 / $pivot;
            $this->up[] = $carry = $g / $capacity / $pivot;
        }
        $this->ontoSurface = $g / $this->capacityAt($y[$this->surface]);

        return $surfacePivot + $this->ontoSurface * (1 - $carry);
    }

    /**
     * Folds the right-hand side onto the surface.
     *
     * @param  array<int, float>  $r
     */
    public function fold(array &$r): void
    {
        $carry = 0.0;
        foreach ($this->inner as $j => $node) {
            $r[$node] = $carry = ($r[$node] + $this->down[$j] * $carry) * $this->inverse[$j];
        }
        $r[$this->surface] += $this->ontoSurface * $carry;
    }

    /**
     * Unfolds the solution inwards from the surface.
     *
     * @param  array<int, float>  $r
     */
    public function unfold(array &$r): void
    {
        $outer = $r[$this->surface];
        for ($j = count($this->inner) - 1; $j >= 0; $j--) {
            $node = $this->inner[$j];
            $r[$node] = $outer = $r[$node] + $this->up[$j] * $outer;
        }
    }

    private function capacityAt(float $t): float
    {
        [$c0, $c1, $c2, $c3, $c4, $c5] = $this->capacity;

        return $c0 + $t * ($c1 + $t * ($c2 + $t * ($c3 + $t * ($c4 + $t * $c5))));
    }

    private function steepnessAt(float $t): float
    {
        [, $c1, $c2, $c3, $c4, $c5] = $this->capacity;

        return $c1 + $t * (2 * $c2 + $t * (3 * $c3 + $t * (4 * $c4 + $t * 5 * $c5)));
    }
}
