<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

/** One step of a route. */
final readonly class Step
{
    public function __construct(
        public StepKind $kind,
        /** Hands-on minutes for all pieces. */
        public float $minutes,
        /** Waiting before the next step may start: dwell, bake, cooling, min. */
        public float $waitMinutes,
        /** Why it is there. */
        public string $why,
        /** Part metal, where the step heats it, °C. */
        public ?float $celsius = null,
        /** Minutes held at that temperature. */
        public ?float $holdMinutes = null,
        /** Which coat, from 1, where the step belongs to one. */
        public ?int $coat = null,
    ) {
    }

    public function name(): string
    {
        return $this->kind->label().($this->coat === null ? '' : " {$this->coat}");
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return array_filter([
            'step' => $this->kind->value, 'station' => $this->kind->station()->value, 'name' => $this->name(), 'minutes' => round($this->minutes, 1), 'wait_min' => round($this->waitMinutes, 1),
            'pmt_c' => $this->celsius, 'hold_min' => $this->holdMinutes, 'coat' => $this->coat, 'why' => $this->why,
        ], fn (mixed $v): bool => $v !== null);
    }
}
