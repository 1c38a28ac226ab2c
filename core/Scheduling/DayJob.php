<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** A lot with the steps it has still to go, in their order. */
final readonly class DayJob
{
    /** @param  list<DayStep>  $steps */
    private function __construct(
        public string $key,
        public array $steps,
        public float $readyMin,
        public ?float $dueMin,
        public float $weight,
    ) {
    }

    /**
     * @param  list<DayStep>  $steps  at least one
     * @param  ?float  $dueMin  null: never late
     * @param  float  $weight  what a minute late of it counts for
     *
     * @throws InvalidInput
     */
    public static function of(
        string $key,
        array $steps,
        float $readyMin = 0.0,
        ?float $dueMin = null,
        float $weight = 1.0,
    ): self {
        if ($weight < 0) {
            throw InvalidInput::negative('weight', $weight);
        }
        $seen = [];
        foreach ($steps as $n => $step) {
            if (isset($seen[$step->key])) {
                throw InvalidInput::outside("steps[{$n}].key", $step->key, 'a key no other step of the job has');
            }
            $seen[$step->key] = true;
        }

        return new self($key, $steps, $readyMin, $dueMin, $weight);
    }

    /**
     * The same with other steps.
     *
     * @param  list<DayStep>  $steps
     */
    public function withSteps(array $steps): self
    {
        return new self($this->key, $steps, $this->readyMin, $this->dueMin, $this->weight);
    }

    /** The same, due at another moment. */
    public function dueAt(?float $dueMin): self
    {
        return new self($this->key, $this->steps, $this->readyMin, $dueMin, $this->weight);
    }
}
