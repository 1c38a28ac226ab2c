<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/**
 * A run that is computed as far as somebody asks, and remembered: several readers share one simulation.
 *
 * @implements \IteratorAggregate<int, Step>
 */
final class RecordedRun implements \IteratorAggregate
{
    public readonly HeatBalance $balance;

    /** @var \Generator<int, Step> */
    private readonly \Generator $source;

    /** @var list<Step> */
    private array $steps = [];

    /** @param  float  $endS the furthest the tape ever goes, s */
    public function __construct(Simulation $simulation, float $endS)
    {
        $this->balance = $simulation->balance();
        $this->source = $simulation->stepsOf($this->balance, $endS);
    }

    /** @return \Generator<int, Step> */
    public function getIterator(): \Generator
    {
        for ($n = 0; isset($this->steps[$n]) || $this->record(); $n++) {
            yield $this->steps[$n];
        }
    }

    /**
     * What is on the tape up to the step that covers a moment, or to its end.
     *
     * @param  list<LoadItem>  $load
     */
    public function until(float $second, array $load): Trajectory
    {
        $steps = [];
        foreach ($this as $step) {
            $steps[] = $step;
            if ($step->toS >= $second) {
                break;
            }
        }

        return new Trajectory($steps, $this->balance, $load);
    }

    private function record(): bool
    {
        if (! $this->source->valid()) {
            return false;
        }
        $this->steps[] = $this->source->current();
        $this->source->next();

        return true;
    }
}
