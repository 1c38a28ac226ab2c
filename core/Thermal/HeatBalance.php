<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Constant;

/**
 * The heat balance of an oven and its load, in the form the integrator wants it: slopes, and a linear solve.
 *
 *     C_air dTa/dt   = P·u − Hs(Ta−Ts) − (Gv+Gd)(Ta−Tamb) − Σ count·h·A·(Ta−Tsurf)
 *     C_shell dTs/dt = Hs(Ta−Ts) − UA(Ts−Tamb) − Σ count·A·F·ε·σ·(Ts⁴−Tsurf⁴)
 *     m·cp(T) dT/dt  = h·A·(Ta−T) + A·F·ε·σ·(Ts⁴−T⁴)
 *     u = clamp((Tset−Ta)/band, 0, 1)
 *
 * An item that has left exchanges nothing with the oven any more: it cools in the shop's still air, as Cooling has it.
 *
 * A slab is cut into LAYERS equal layers, each at one temperature; neighbours exchange k·A/dx·ΔT. "Surface" is the
 * outermost layer (a sixtieth of the way to the core), "core" the innermost. Heat from the oven reaches the middle
 * of the outermost layer through half a layer of metal, in series with the exchange at the face.
 *
 * State vector, °C (energy in J): [air, shell, energy, surface of each item…, core of each slab…, the rest of each
 * slab…]. Items touch only the air and the shell, so the linear system is an arrow: it is solved in time proportional
 * to the number of nodes.
 *
 * Regions of one piece are joined by G·(T₂ − T₁); they make small blocks on the arrow's shaft (see LinkedBlock).
 *
 * This is the innermost loop of the program. It keeps plain arrays and writes products out on purpose.
 */
final class HeatBalance
{
    public const LAYERS = 60;

    /** Air, shell and energy come before the items in the state. */
    public const ITEMS = 3;

    /**
     * Share of the forced convection left when the fan stands still: free convection of about 5 W/(m²·K) for 16 forced.
     */
    private const STILL_AIR = 0.3;

    private readonly int $items;

    /** @var list<int> */
    private array $count = [];

    /** @var array<int, float> h·A of one piece with the fan running, W/K */
    private array $hAStirred = [];

    /** @var array<int, float> the same as the fan now stands, W/K */
    private array $hA = [];

    /** @var array<int, float> A·F·ε·σ of one piece in the oven, W/K⁴ */
    private array $radiativeIn = [];

    /** @var array<int, float> the same as it now hangs; nothing once it is out */
    private array $radiative = [];

    /** @var array<int, array{float, float}> h·A, W/K, and A·ε·σ, W/K⁴, of one piece in still air, once it is out */
    private array $stillAir = [];

    /** @var array<int, array{float, float}> of those that are out now */
    private array $out = [];

    private readonly float $ambient4;

    /**
     * @var list<array{float, float, float, float, float, float}> heat capacity of one node of the item, J/K, as a
     *      polynomial
     */
    private array $capacity = [];

    /** @var array<int, SlabChain> by item */
    private array $slabs = [];

    /** @var list<LinkedBlock> */
    private readonly array $blocks;

    private readonly int $size;

    private float $setpointC = 0;

    private float $heaterW = 0;

    private float $ventW = 0;

    private float $airToShellW = 0;

    /* The factored matrix of the current step. */

    /** @var array<int, float> */
    private array $inverse = [];

    /** @var array<int, float> */
    private array $toAir = [];

    /** @var array<int, float> */
    private array $toShell = [];

    /** @var array<int, float> */
    private array $fromAir = [];

    /** @var array<int, float> */
    private array $fromShell = [];

    /** @var array{float, float, float, float} */
    private array $corner = [0, 0, 0, 0];

    private float $energySlope = 0;

    private float $shift = 0;

    /**
     * @param  list<LoadItem>  $load
     * @param  float  $hottestC  the hottest the air gets, which decides what is a slab
     * @param  float  $exchange  one factor on every item's h and F (1 as modelled)
     */
    public function __construct(
        private readonly Oven $oven,
        private readonly array $load,
        private readonly float $ambientC,
        float $hottestC,
        float $exchange = 1.0,
    ) {
        $this->items = count($load);
        $this->blocks = RegionLinks::blocks($load);
        $slabs = array_filter(array_map(fn (LoadItem $item): ?Slab => $item->slabIn($oven, $hottestC), $load));
        $core = self::ITEMS + $this->items;
        $rest = $core + count($slabs);
        foreach ($load as $i => $item) {
            $this->count[] = $item->count;
            $this->hAStirred[] = $exchange * ($item->convectionWPerM2K ?? $oven->convectionWPerM2K) * $item->areaM2;
            $this->radiativeIn[] =
                $exchange * $item->areaM2 * $item->viewFactor * $item->emissivity * Constant::STEFAN_BOLTZMANN;
            $mass = $item->massKg;
            if (isset($slabs[$i])) {
                $mass /= self::LAYERS;
                $inSeries =
                    1 /
                    (1 +
                        ($item->exchangeWPerM2K($oven, ($hottestC + $ambientC) / 2) * $slabs[$i]->halfMm) /
                            (2000 * self::LAYERS * $slabs[$i]->conductivityWPerMK));
                $this->hAStirred[$i] *= $inSeries;
                $this->radiativeIn[$i] *= $inSeries;
            }
            if ($item->outS !== null) {
                $this->stillAir[$i] = [
                    Cooling::STILL_AIR_W_PER_M2K * $item->areaM2,
                    Cooling::EMISSIVITY * Constant::STEFAN_BOLTZMANN * $item->areaM2,
                ];
            }
            [$c0, $c1, $c2, $c3, $c4, $c5] = $item->metal->heatCapacity->coefficients;
            $this->capacity[] = $capacity = [
                $mass * $c0,
                $mass * $c1,
                $mass * $c2,
                $mass * $c3,
                $mass * $c4,
                $mass * $c5,
            ];
            if (isset($slabs[$i])) {
                $conductance =
                    ($slabs[$i]->conductivityWPerMK * $item->areaM2 * self::LAYERS * 1000) / $slabs[$i]->halfMm;
                $this->slabs[$i] = new SlabChain(
                    [$core++, ...range($rest, $rest + self::LAYERS - 3)],
                    self::ITEMS + $i,
                    $conductance,
                    $capacity,
                );
                $rest += self::LAYERS - 2;
            }
        }
        $this->size = $rest;
        $this->hA = $this->hAStirred;
        $this->radiative = $this->radiativeIn;
        $this->ambient4 = ($ambientC + Constant::KELVIN_AT_0_C) ** 4;
    }

    /** Sets what switches during a run, from a second of it on. */
    public function switch(float $setpointC, bool $doorOpen, bool $powered, float $second = 0.0): void
    {
        $this->setpointC = $setpointC;
        $this->heaterW = $powered ? 1000 * $this->oven->heaterKw : 0.0;
        $this->ventW = $this->oven->ventWPerK + ($doorOpen ? $this->oven->doorWPerK : 0.0);
        $stirred = $powered ? 1.0 : self::STILL_AIR;
        $this->airToShellW = $stirred * $this->oven->airToShellWPerK;
        $this->hA = array_map(fn (float $hA): float => $stirred * $hA, $this->hAStirred);
        $this->radiative = $this->radiativeIn;
        $this->out = [];
        foreach ($this->stillAir as $i => $still) {
            if ($second >= $this->load[$i]->outS) {
                $this->out[$i] = $still;
                $this->hA[$i] = $this->radiative[$i] = 0.0;
            }
        }
    }

    /** @return array<int, float> the state at the start, °C */
    public function start(float $airC, float $shellC): array
    {
        $state = array_fill(0, $this->size, $this->ambientC);
        $state[0] = $airC;
        $state[1] = $shellC;
        $state[2] = 0.0;
        foreach ($this->load as $i => $item) {
            foreach ([self::ITEMS + $i, ...isset($this->slabs[$i]) ? $this->slabs[$i]->inner : []] as $node) {
                $state[$node] = $item->startC ?? $this->ambientC;
            }
        }

        return array_values($state);
    }

    /** State position of an item's core: its surface where the item has one temperature. */
    public function coreOf(int $item): int
    {
        return isset($this->slabs[$item]) ? $this->slabs[$item]->inner[0] : self::ITEMS + $item;
    }

    /**
     * Slopes of the state, K/s (W for the energy).
     *
     * @param  array<int, float>  $y
     * @return array<int, float>
     */
    public function slopes(array $y): array
    {
        $air = $y[0];
        $shell = $y[1];
        $s2 = ($shell + Constant::KELVIN_AT_0_C) ** 2;
        $s4 = $s2 * $s2;
        $power = $this->heaterW * max(0.0, min(1.0, ($this->setpointC - $air) / $this->oven->bandK));
        $intoItemsByAir = $intoItemsByShell = 0.0;
        $f = $y;
        for ($i = 0, $at = self::ITEMS; $i < $this->items; $i++, $at++) {
            $t = $y[$at];
            $k2 = ($t + Constant::KELVIN_AT_0_C) ** 2;
            $convection = $this->hA[$i] * ($air - $t);
            $radiation = $this->radiative[$i] * ($s4 - $k2 * $k2);
            $c = $this->capacity[$i];
            $capacity = $c[0] + $t * ($c[1] + $t * ($c[2] + $t * ($c[3] + $t * ($c[4] + $t * $c[5]))));
            $f[$at] = ($convection + $radiation) / $capacity;
            $intoItemsByAir += $this->count[$i] * $convection;
            $intoItemsByShell += $this->count[$i] * $radiation;
        }
        foreach ($this->out as $i => [$hA, $radiative]) {
            $at = self::ITEMS + $i;
            $k2 = ($y[$at] + Constant::KELVIN_AT_0_C) ** 2;
            $loses = $hA * ($this->ambientC - $y[$at]) + $radiative * ($this->ambient4 - $k2 * $k2);
            $f[$at] = $loses / $this->capacityAt($i, $y[$at]);
        }
        foreach ($this->blocks as $block) {
            foreach ($block->into($y) as $n => $watts) {
                $i = $block->items[$n];
                $f[self::ITEMS + $i] += $watts / $this->capacityAt($i, $y[self::ITEMS + $i]);
            }
        }
        foreach ($this->slabs as $slab) {
            $slab->schedule($y, $f);
        }
        $f[0] =
            ($power -
                $this->airToShellW * ($air - $shell) -
                $this->ventW * ($air - $this->ambientC) -
                $intoItemsByAir) /
            (1000 * $this->oven->airKjPerK);
        $f[1] =
            ($this->airToShellW * ($air - $shell) -
                $this->oven->shellLossWPerK * ($shell - $this->ambientC) -
                $intoItemsByShell) /
            (1000 * $this->oven->shellKjPerK);
        $f[2] = $power;

        return $f;
    }

    /**
     * Factors shift·I − J, where J is the Jacobian of the slopes at y.
     *
     * @param  array<int, float>  $y
     * @param  array<int, float>  $f  the slopes at y
     */
    public function factor(array $y, array $f, float $shift): void
    {
        $airC = 1000 * $this->oven->airKjPerK;
        $shellC = 1000 * $this->oven->shellKjPerK;
        $s = $y[1] + Constant::KELVIN_AT_0_C;
        $s3 = 4 * $s * $s * $s;
        $demand = ($this->setpointC - $y[0]) / $this->oven->bandK;
        $this->energySlope = $demand > 0 && $demand < 1 ? -$this->heaterW / $this->oven->bandK : 0.0;
        $this->shift = $shift;
        $aa = $shift + ($this->airToShellW + $this->ventW - $this->energySlope) / $airC;
        $ss = $shift + ($this->airToShellW + $this->oven->shellLossWPerK) / $shellC;
        $as = -$this->airToShellW / $airC;
        $sa = -$this->airToShellW / $shellC;
        for ($i = 0, $at = self::ITEMS; $i < $this->items; $i++, $at++) {
            $t = $y[$at];
            $k = $t + Constant::KELVIN_AT_0_C;
            $c = $this->capacity[$i];
            $capacity = $c[0] + $t * ($c[1] + $t * ($c[2] + $t * ($c[3] + $t * ($c[4] + $t * $c[5]))));
            $steepness = $c[1] + $t * (2 * $c[2] + $t * (3 * $c[3] + $t * (4 * $c[4] + $t * 5 * $c[5])));
            $hA = $this->hA[$i];
            $emitted = 4 * $this->radiative[$i] * $k * $k * $k;
            $received = $this->radiative[$i] * $s3;
            $lost = isset($this->out[$i]) ? $this->out[$i][0] + 4 * $this->out[$i][1] * $k * $k * $k : 0.0;
            $pivot = $shift + ($hA + $emitted + $lost + $f[$at] * $steepness) / $capacity;
            if (isset($this->slabs[$i])) {
                $pivot = $this->slabs[$i]->factor($y, $f, $pivot, $shift);
            }
            $this->inverse[$i] = 1 / $pivot;
            $this->fromAir[$i] = $hA / ($capacity * $pivot);
            $this->fromShell[$i] = $received / ($capacity * $pivot);
            $this->toAir[$i] = ($this->count[$i] * $hA) / $airC;
            $this->toShell[$i] = ($this->count[$i] * $emitted) / $shellC;
            $aa += ($this->count[$i] * $hA) / $airC;
            $ss += ($this->count[$i] * $received) / $shellC;
        }
        foreach ($this->blocks as $block) {
            $this->factorBlock($block, $y);
        }
        for ($i = 0; $i < $this->items; $i++) {
            $aa -= $this->toAir[$i] * $this->fromAir[$i];
            $as -= $this->toAir[$i] * $this->fromShell[$i];
            $sa -= $this->toShell[$i] * $this->fromAir[$i];
            $ss -= $this->toShell[$i] * $this->fromShell[$i];
        }
        $determinant = $aa * $ss - $as * $sa;
        $this->corner = [$ss / $determinant, -$as / $determinant, -$sa / $determinant, $aa / $determinant];
    }

    /**
     * What the air and the shell do to a block's items, through the metal between them.
     *
     * @param  array<int, float>  $y
     */
    private function factorBlock(LinkedBlock $block, array $y): void
    {
        $pivots = $capacities = $air = $shell = [];
        foreach ($block->items as $i) {
            $pivots[] = $pivot = 1 / $this->inverse[$i];
            $capacities[] = $this->capacityAt($i, $y[self::ITEMS + $i]);
            $air[] = $this->fromAir[$i] * $pivot;
            $shell[] = $this->fromShell[$i] * $pivot;
            // The block's own elimination takes its items' unknowns from here on.
            $this->inverse[$i] = 1.0;
        }
        $block->factor($pivots, $capacities);
        $fromAir = $block->solve($air);
        $fromShell = $block->solve($shell);
        foreach ($block->items as $n => $i) {
            $this->fromAir[$i] = $fromAir[$n];
            $this->fromShell[$i] = $fromShell[$n];
        }
    }

    /** Heat capacity of an item's node at a temperature, J/K. */
    private function capacityAt(int $i, float $celsius): float
    {
        $sum = 0.0;
        foreach (array_reverse($this->capacity[$i]) as $coefficient) {
            $sum = $coefficient + $celsius * $sum;
        }

        return $sum;
    }

    /**
     * Solves (shift·I − J)·x = r with the matrix of the last factor().
     *
     * @param  array<int, float>  $r
     * @return array<int, float>
     */
    public function solve(array $r): array
    {
        foreach ($this->slabs as $slab) {
            $slab->fold($r);
        }
        foreach ($this->blocks as $block) {
            $x = $block->solve(array_map(fn (int $i): float => $r[self::ITEMS + $i], $block->items));
            foreach ($block->items as $n => $i) {
                $r[self::ITEMS + $i] = $x[$n];
            }
        }
        $air = $r[0];
        $shell = $r[1];
        for ($i = 0, $at = self::ITEMS; $i < $this->items; $i++, $at++) {
            $x = $r[$at] *= $this->inverse[$i];
            $air += $this->toAir[$i] * $x;
            $shell += $this->toShell[$i] * $x;
        }
        [$p, $q, $u, $v] = $this->corner;
        [$air, $shell] = [$p * $air + $q * $shell, $u * $air + $v * $shell];
        $r[0] = $air;
        $r[1] = $shell;
        $r[2] = ($r[2] + $this->energySlope * $air) / $this->shift;
        for ($i = 0, $at = self::ITEMS; $i < $this->items; $i++, $at++) {
            $r[$at] += $this->fromAir[$i] * $air + $this->fromShell[$i] * $shell;
        }
        foreach ($this->slabs as $slab) {
            $slab->unfold($r);
        }

        return $r;
    }
}
