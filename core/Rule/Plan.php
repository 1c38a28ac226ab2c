<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Facts\JobFacts;

/** What a rule looks at: what is known of the job, and the steps laid out for it. */
final readonly class Plan
{
    /** @param  list<Step>  $steps in order */
    public function __construct(public JobFacts $facts, public array $steps)
    {
    }

    /** Position of the first step of a kind; null where there is none. */
    public function first(StepKind ...$kinds): ?int
    {
        foreach ($this->steps as $n => $step) {
            if (in_array($step->kind, $kinds, true)) {
                return $n;
            }
        }

        return null;
    }

    /** @return list<Step> */
    public function all(StepKind ...$kinds): array
    {
        return array_values(array_filter($this->steps, fn (Step $step): bool => in_array($step->kind, $kinds, true)));
    }

    public function has(StepKind ...$kinds): bool
    {
        return $this->first(...$kinds) !== null;
    }

    /** The hottest of these steps, °C part metal; null where none says. */
    public function hottestC(StepKind ...$kinds): ?float
    {
        $celsius = array_filter(array_map(fn (Step $step): ?float => $step->celsius, $this->all(...$kinds)), fn (?float $c): bool => $c !== null);

        return $celsius === [] ? null : max($celsius);
    }

    /** The hottest bake planned, cure and bake-out alike. */
    public function hottestBakeC(): ?float
    {
        return $this->hottestC(StepKind::Bake, StepKind::BakeOut, StepKind::ReliefBake, StepKind::DryOff);
    }

    /** The hottest bake after the first step of a kind: what a mask put on there sits through. */
    public function hottestAfter(StepKind $kind): ?float
    {
        $at = $this->first($kind);

        return $at === null ? null : (new self($this->facts, array_slice($this->steps, $at + 1)))->hottestBakeC();
    }

    /**
     * Minutes from the end of the last of some steps that comes before a kind, to the start of that kind; 0 where either is missing.
     *
     * @param  list<StepKind>  $from
     */
    public function minutesBetween(array $from, StepKind $to): float
    {
        $end = $this->first($to);
        $minutes = 0.0;
        $open = false;
        foreach (array_slice($this->steps, 0, $end ?? 0) as $step) {
            if (in_array($step->kind, $from, true)) {
                [$open, $minutes] = [true, 0.0];
            } elseif ($open) {
                $minutes += $step->minutes + $step->waitMinutes;
            }
        }

        return $minutes;
    }

    /** @return list<array{float, float}> every planned heating as [°C part metal, minutes held] */
    public function heats(): array
    {
        $heats = [];
        foreach ($this->all(StepKind::Bake, StepKind::BakeOut, StepKind::ReliefBake, StepKind::DryOff) as $step) {
            if ($step->celsius !== null) {
                $heats[] = [$step->celsius, $step->holdMinutes ?? 0.0];
            }
        }

        return $heats;
    }
}
