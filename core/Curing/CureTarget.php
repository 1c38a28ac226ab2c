<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Trade\BakeTo;

/** What one item wants of a bake: how far its fresh layer goes, and the layers under it kept from over-bake. */
final readonly class CureTarget
{
    /** @param  list<Underlayer>  $under */
    private function __construct(
        public CureSheet $sheet,
        public BakeTo $to,
        public array $under,
        /** What an earlier bake already gave the layer, where it goes back in. */
        public float $doseSoFar,
        public float $overbakeSoFar,
        /** It has left the oven: nothing more is waited for on its account, and nothing more spoils it. */
        public bool $gone = false,
        /** What the part and what is on it stand; null where only the sheets say. */
        private ?PeakLimit $partStands = null,
    ) {
    }

    /** The same for an item that has left before the rest. */
    public function asGone(): self
    {
        return new self(
            $this->sheet,
            $this->to,
            $this->under,
            $this->doseSoFar,
            $this->overbakeSoFar,
            true,
            $this->partStands,
        );
    }

    /** The same on a part that stands no more than that. */
    public function notAbove(?PeakLimit $limit): self
    {
        return new self(
            $this->sheet,
            $this->to,
            $this->under,
            $this->doseSoFar,
            $this->overbakeSoFar,
            $this->gone,
            $limit,
        );
    }

    /** How hot its surface may get: the least of every layer's sheet, the part and what is on it. */
    public function limit(): PeakLimit
    {
        return PeakLimit::least($this->partStands, $this->sheets()) ?? $this->sheets();
    }

    /** How hot its surface may get by the sheets of its layers alone. */
    public function sheets(): PeakLimit
    {
        return CureSheet::ceiling(
            $this->sheet,
            ...array_map(fn (Underlayer $layer): CureSheet => $layer->sheet, $this->under),
        );
    }

    /** @param  list<Underlayer>  $under */
    public static function to(
        BakeTo $to,
        CureSheet $sheet,
        array $under = [],
        float $doseSoFar = 0.0,
        float $overbakeSoFar = 0.0,
    ): self {
        return new self($sheet, $to, $under, $doseSoFar, $overbakeSoFar);
    }

    /** @param  list<Underlayer>  $under */
    public static function fullCure(
        CureSheet $sheet,
        array $under = [],
        float $doseSoFar = 0.0,
        float $overbakeSoFar = 0.0,
    ): self {
        return self::to(BakeTo::Full, $sheet, $under, $doseSoFar, $overbakeSoFar);
    }

    /** Metal below which the fresh layer gets nowhere, °C. */
    public function worksFromC(): float
    {
        return $this->to === BakeTo::Flow ? $this->sheet->flowPointC() : $this->sheet->lowestC();
    }

    /**
     * Hottest setpoint it makes sense at, °C: above its coolest row a layer that is to stop short is past it in
     * minutes.
     */
    public function hottestC(): float
    {
        return $this->to->stopsShort() ? $this->sheet->lowestC() : INF;
    }

    /** Dose its surface stays under, so that the next coat bonds; INF where it is to be cured. */
    public function doseLimit(): float
    {
        return match ($this->to) {
            BakeTo::Flow => BakeRules::FLOW_DOSE_LIMIT,
            BakeTo::Part => BakeRules::PART_DOSE_LIMIT,
            BakeTo::Full => INF,
        };
    }

    /** Minutes a habit of the clock gives it at a setpoint. */
    public function timedMinutes(TimingCriterion $way, float $setpointC): float
    {
        return match ($this->to) {
            BakeTo::Flow => $this->sheet->flowPointMinutes(),
            BakeTo::Part => BakeRules::PART_DOSE * $this->sheet->clockMinutes($way, $setpointC),
            BakeTo::Full => $this->sheet->clockMinutes($way, $setpointC),
        };
    }
}
