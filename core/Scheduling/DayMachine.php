<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** A bench, a booth, a bath or an oven, with the hours it is open. */
final readonly class DayMachine
{
    /** @param  array<string, float>  $changePairs  min, by "colour>next colour" */
    private function __construct(
        public string $key,
        public MachineKind $kind,
        public Spans $open,
        public float $room,
        public float $changeMin,
        public array $changePairs,
    ) {
    }

    /**
     * @param  float  $room  what one bake takes, in the measure the steps' rooms are given in
     * @param  float  $changeMin  between two different colours, where the pair has no minutes of its own
     * @param  array<string, float>  $changePairs  min, by "colour>next colour"
     *
     * @throws InvalidInput
     */
    public static function of(
        string $key,
        MachineKind $kind = MachineKind::One,
        ?Spans $open = null,
        float $room = 1.0,
        float $changeMin = 0.0,
        array $changePairs = [],
    ): self {
        if ($room <= 0) {
            throw InvalidInput::outside('room', $room, 'above 0');
        }
        foreach (['default' => $changeMin] + $changePairs as $pair => $minutes) {
            if ($minutes < 0) {
                throw InvalidInput::negative("change_min.{$pair}", $minutes);
            }
        }

        return new self($key, $kind, $open ?? Spans::always(), $room, $changeMin, $changePairs);
    }

    /** The same, open so many minutes longer each time. */
    public function longer(float $minutes): self
    {
        return new self(
            $this->key, $this->kind, $this->open->longer($minutes), $this->room, $this->changeMin, $this->changePairs,
        );
    }

    /** Whether it bakes several steps at once. */
    public function isOven(): bool
    {
        return $this->kind === MachineKind::Oven;
    }

    /** From one colour to another, min. */
    public function change(string $from, string $to): float
    {
        return $from === $to ? 0.0 : $this->changePairs["{$from}>{$to}"] ?? $this->changeMin;
    }
}
