<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\ObjectMemo;

/** What a rule looks at: what is known of the job, the steps laid out for it, and what is so on the floor. */
final readonly class PartRouting
{
    /** @param  list<Step>  $steps in order */
    public function __construct(
        public JobFacts $facts,
        public array $steps,
        public FloorConditions $floor = new FloorConditions(),
    ) {
    }

    /** A part without steps; one object for the same facts, so that the rules are evaluated once. */
    public static function withoutSteps(JobFacts $facts): self
    {
        /** @var ObjectMemo|null $plans */
        static $plans = null;
        $plans ??= new ObjectMemo;

        return $plans->get($facts, '', fn (): self => new self($facts, []));
    }

    /** The same plan with what is so on the floor. */
    public function on(FloorConditions $floor): self
    {
        return new self($this->facts, $this->steps, $floor);
    }

    /** Position of the first step of a kind from a position on; null where there is none. */
    public function first(StepKind ...$kinds): ?int
    {
        return $this->firstFrom(0, ...$kinds);
    }

    /** Place of the first step of these kinds, from a place on; null where there is none. */
    public function firstFrom(int $from, StepKind ...$kinds): ?int
    {
        return $this->find($from, fn (Step $step): bool => in_array($step->kind, $kinds, true));
    }

    /**
     * Position of the first step from a position on of which something is so; null where there is none.
     *
     * @param  callable(Step): bool  $is
     */
    public function find(int $from, callable $is): ?int
    {
        foreach ($this->steps as $n => $step) {
            if ($n >= $from && $is($step)) {
                return $n;
            }
        }

        return null;
    }

    /**
     * Position of the last step before a position of which something is so; null where there is none.
     *
     * @param  callable(Step): bool  $is
     */
    public function last(callable $is, ?int $before = null): ?int
    {
        $found = null;
        foreach ($this->steps as $n => $step) {
            if (($before === null || $n < $before) && $is($step)) {
                $found = $n;
            }
        }

        return $found;
    }

    /** @return list<Step> */
    public function all(StepKind ...$kinds): array
    {
        return array_values(
            array_filter($this->steps, fn (Step $step): bool => in_array($step->kind, $kinds, true)),
        );
    }

    /** Whether any step is of these kinds. */
    public function has(StepKind ...$kinds): bool
    {
        return $this->first(...$kinds) !== null;
    }

    /** Anything that fills the air with grit. */
    public function blasts(): bool
    {
        return $this->find(0, fn (Step $step): bool => $step->kind->blasts()) !== null;
    }

    /** Anything that heats the metal. */
    public function heats(): bool
    {
        return $this->find(0, fn (Step $step): bool => $step->kind->heats()) !== null;
    }

    /** Anything with acid in it. */
    public function usesAcid(): bool
    {
        return $this->find(0, fn (Step $step): bool => $step->agent->acid ?? false) !== null;
    }

    /** The hottest of these steps, °C part metal; null where none says. */
    public function hottestC(StepKind ...$kinds): ?float
    {
        return self::hottest($this->all(...$kinds));
    }

    /** The hottest an oven is planned to make it, cure and bake-out alike, °C; null where none says. */
    public function hottestBakeC(): ?float
    {
        return self::hottest(array_filter($this->steps, fn (Step $step): bool => $step->kind->bakes()));
    }

    /**
     * The hottest the metal gets, °C: what this load is computed to reach where that is known, else what is planned,
     * by oven or by fire.
     */
    public function hottestMetalC(): ?float
    {
        return $this->floor->peakC === null
            ? self::hottest(array_filter($this->steps, fn (Step $step): bool => $step->kind->heats()))
            : round($this->floor->peakC);
    }

    /** The hottest bake after the first step of a kind: what a mask put on there sits through. */
    public function hottestAfter(StepKind $kind): ?float
    {
        $at = $this->first($kind);

        return $at === null ? null : (new self($this->facts, array_slice($this->steps, $at + 1)))->hottestBakeC();
    }

    /** Minutes of hands and waits between the end of one step and the beginning of another. */
    public function minutesBetween(int $from, int $to): float
    {
        $between = array_slice($this->steps, $from + 1, max(0, $to - $from - 1));

        return array_sum(array_map(fn (Step $step): float => $step->minutes + $step->waitMinutes, $between));
    }

    /**
     * Minutes metal stands bare between the last blast before the first coat and that coat; 0 where either is missing.
     */
    public function bareMinutes(): float
    {
        $coat = $this->first(StepKind::Coat);
        $blast = $coat === null ? null : $this->last(fn (Step $step): bool => $step->kind->baresMetal(), $coat);

        return $coat === null || $blast === null ? 0.0 : $this->minutesBetween($blast, $coat);
    }

    /** @return list<array{float, float}> every planned heating as [°C part metal, minutes held] */
    public function heatings(): array
    {
        $heatings = [];
        foreach ($this->steps as $step) {
            if ($step->kind->heats() && $step->celsius !== null) {
                $heatings[] = [
                    $step->celsius,
                    $step->holdMinutes ?? ($step->agent?->isFire() ? $step->waitMinutes : 0.0),
                ];
            }
        }

        return $heatings;
    }

    /**
     * Equivalent minutes at 200 °C the metal has after every bake: what it has had, the bake at hand as computed and
     * those still to come; as planned where none is at hand.
     */
    public function metalMinutes(): float
    {
        $now = $this->floor->metalMinutes;

        return $this->facts->part->metalMinutesSoFar + ($now === null
            ? MetalAging::planned(0.0, $this->heatings())
            : $now + $this->floor->metalMinutesLater);
    }

    /** Minutes of hands of every step. */
    public function handMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->minutes, $this->steps));
    }

    /** Minutes of waiting of every step. */
    public function waitMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->waitMinutes, $this->steps));
    }

    /** @param  array<int, Step>  $steps */
    private static function hottest(array $steps): ?float
    {
        $celsius = array_filter(
            array_map(fn (Step $step): ?float => $step->celsius, $steps),
            fn (?float $c): bool => $c !== null,
        );

        return $celsius === [] ? null : max($celsius);
    }
}
