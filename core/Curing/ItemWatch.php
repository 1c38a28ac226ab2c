<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\HeatBalance;
use Aenum\Core\Thermal\Step;
use Aenum\Core\Trade\BakeTo;

/**
 * Follows one item through a run and knows when its aim is met and when it has had too much.
 *
 * Cure is judged on the core, over-bake on the surface; where they are one, one meter serves both.
 */
final class ItemWatch
{
    /** So far past what it stands is as bad as twice the over-bake it stands, K: orders bakes that do not serve. */
    private const BADLY_K = 20.0;

    private CureMeter $core;

    private CureMeter $surface;

    /** @var list<CureMeter> */
    private array $under = [];

    private readonly int $coreNode;

    private readonly int $surfaceNode;

    private float $nowS = 0.0;

    private readonly PeakLimit $limit;

    public function __construct(private readonly CureTarget $aim, HeatBalance $balance, int $item)
    {
        $this->coreNode = $balance->coreOf($item);
        $this->surfaceNode = HeatBalance::ITEMS + $item;
        $this->limit = $aim->limit();
        $this->core = new CureMeter($aim->sheet);
        $this->surface = $this->coreNode === $this->surfaceNode ? $this->core : new CureMeter($aim->sheet);
        foreach ($aim->under as $layer) {
            $this->under[] = new CureMeter($layer->sheet);
        }
    }

    /** Meters are copied with it, so that a branch counts for itself. */
    public function __clone()
    {
        $shared = $this->core === $this->surface;
        $this->core = clone $this->core;
        $this->surface = $shared ? $this->core : clone $this->surface;
        $this->under = array_map(fn (CureMeter $meter): CureMeter => clone $meter, $this->under);
    }

    /** Counts one step of the simulation, up to a second of it. */
    public function advance(Step $step, ?float $untilS = null): void
    {
        $this->nowS = $untilS ?? $step->toS;
        $surface = $step->course($this->surfaceNode);
        $this->surface->advance($surface, $untilS);
        if ($this->core !== $this->surface) {
            $this->core->advance($step->course($this->coreNode), $untilS);
        }
        foreach ($this->under as $meter) {
            $meter->advance($surface, $untilS);
        }
    }

    /** Whether the item may come out now, for its own sake. */
    public function met(BakeRules $rules, float $timedS): bool
    {
        if ($this->aim->gone) {
            return true;
        }
        $factor = 1 + $rules->margin;
        $dose = $this->aim->doseSoFar + $this->core->dose;

        return match (true) {
            $this->aim->to === BakeTo::Flow => $this->core->flowS >=
                60 * $this->aim->sheet->flowPointMinutes() * $factor,
            $this->aim->to === BakeTo::Part && ! $rules->way->isOfTheClock() => $dose >=
                BakeRules::PART_DOSE * $factor,
            $rules->way === TimingCriterion::Timed => $this->nowS >= $timedS - 1e-9,
            $rules->way === TimingCriterion::Flowed => $this->sinceFlowedS($rules) >= $timedS - 1e-9,
            $rules->way === TimingCriterion::Dose => $dose >= $factor,
            default => $dose >= $factor && $this->core->rowServed($factor) !== null,
        };
    }

    /** Since it was seen to have flowed; where nobody has said, since its core is there by the sheet. */
    private function sinceFlowedS(BakeRules $rules): float
    {
        return $rules->flowedS === null
            ? $this->core->flowS - 60 * $this->aim->sheet->flowPointMinutes()
            : $this->nowS - $rules->flowedS;
    }

    /** Whether it is to be cured in this bake, not only flowed or part cured. */
    public function wantsCure(): bool
    {
        return ! $this->aim->to->stopsShort();
    }

    /** What it is hotter than it may get; null where it is not. */
    public function passed(): ?PeakLimit
    {
        return ! $this->aim->gone && $this->limit->isPassedBy($this->surface->peakC) ? $this->limit : null;
    }

    /**
     * Largest over-bake of any of the item's layers, as a share of the limit, and past 1 where it got too hot: above 1
     * it has had too much.
     */
    public function excess(BakeRules $rules): float
    {
        if ($this->aim->gone) {
            return 0.0;
        }
        $worst = ($this->aim->overbakeSoFar + $this->surface->overbake) / $rules->overbakeLimit;
        $worst = max($worst, ($this->aim->doseSoFar + $this->surface->dose) / $this->aim->doseLimit());
        if ($this->passed() !== null) {
            $worst = max($worst, 1 + ($this->surface->peakC - $this->limit->celsius) / self::BADLY_K);
        }
        foreach ($this->under as $i => $meter) {
            $worst = max($worst, ($this->aim->under[$i]->overbakeSoFar + $meter->overbake) / $rules->overbakeLimit);
        }

        return $worst;
    }

    /** Whether no more time at this step's last temperature would ever meet the aim. */
    public function hopelessAt(Step $step, BakeRules $rules): bool
    {
        $core = $step->to[$this->coreNode];
        $sheet = $this->aim->sheet;

        return match (true) {
            $this->aim->gone => false,
            $this->aim->to === BakeTo::Flow => $core < $sheet->flowPointC(),
            $rules->way === TimingCriterion::Timed => false,
            $rules->way === TimingCriterion::Flowed => $rules->flowedS === null && $core < $sheet->flowPointC(),
            $this->aim->to === BakeTo::Part, $rules->way === TimingCriterion::Dose => $core < $sheet->needs->fromC,
            $rules->way === TimingCriterion::Window => $core < $sheet->lowestC(),
        };
    }

    /** @return array{core: CureMeter, surface: CureMeter, under: list<CureMeter>} */
    public function meters(): array
    {
        return ['core' => $this->core, 'surface' => $this->surface, 'under' => $this->under];
    }
}
