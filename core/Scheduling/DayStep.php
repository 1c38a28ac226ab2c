<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** One step of a job: where it can be done, how long it takes, and how long it may wait for the next. */
final readonly class DayStep
{
    /**
     * @param  list<string>  $on  machines, any one of which does it
     * @param  array<string, float>  $takes  means held from the job's first use of them to its last
     */
    private function __construct(
        public string $key,
        public array $on,
        public float $minutes,
        public float $handsMin,
        public ?string $who,
        public float $waitMin,
        public ?float $waitMax,
        public ?string $colour,
        public ?string $family,
        public float $room,
        public array $takes,
    ) {
    }

    /**
     * @param  list<string>  $on  machines, any one of which does it
     * @param  ?float  $handsMin  its first minutes, that need a person; null for all of them
     * @param  ?string  $who  what that person must be able to do
     * @param  float  $waitMin  least minutes until the next step begins
     * @param  ?float  $waitMax  most minutes; null for any
     * @param  ?string  $family  steps of one family can share a bake; null for a bake of its own
     * @param  float  $room  of the oven's, in the measure the machines' rooms are given in
     * @param  array<string, float>  $takes  means held from the job's first use of them to its last
     *
     * @throws InvalidInput
     */
    public static function of(
        string $key,
        array $on,
        float $minutes,
        ?float $handsMin = null,
        ?string $who = null,
        float $waitMin = 0.0,
        ?float $waitMax = null,
        ?string $colour = null,
        ?string $family = null,
        float $room = 1.0,
        array $takes = [],
    ): self {
        $hands = $handsMin ?? $minutes;
        $figures = ['minutes' => $minutes, 'hands_min' => $hands, 'wait_min' => $waitMin, 'room' => $room];
        foreach ($figures + array_combine(
            array_map(fn (string $means): string => "takes.{$means}", array_keys($takes)),
            $takes,
        ) as $name => $figure) {
            if ($figure < 0) {
                throw InvalidInput::negative($name, $figure);
            }
        }
        if ($hands > $minutes) {
            throw InvalidInput::outside('hands_min', $hands, "at most the step's own {$minutes}");
        }
        if ($waitMax !== null && $waitMax < $waitMin) {
            throw InvalidInput::outside('wait_max', $waitMax, "at least wait_min, {$waitMin}");
        }

        return new self($key, $on, $minutes, $hands, $who, $waitMin, $waitMax, $colour, $family, $room, $takes);
    }

    /** The same, with no longest wait after it. */
    public function withoutWindow(): self
    {
        return new self(
            $this->key, $this->on, $this->minutes, $this->handsMin, $this->who, $this->waitMin, null, $this->colour,
            $this->family, $this->room, $this->takes,
        );
    }

    /** The same, all of it in hands, taking so many minutes. */
    public function taking(float $minutes): self
    {
        return new self(
            $this->key, $this->on, $minutes, $minutes, $this->who, $this->waitMin, $this->waitMax, $this->colour,
            $this->family, $this->room, $this->takes,
        );
    }

    /** The same, by hands that can something else. */
    public function by(string $who): self
    {
        return new self(
            $this->key, $this->on, $this->minutes, $this->handsMin, $who, $this->waitMin, $this->waitMax, $this->colour,
            $this->family, $this->room, $this->takes,
        );
    }

    /**
     * The same, on any of these machines.
     *
     * @param  list<string>  $on
     */
    public function onAny(array $on): self
    {
        return new self(
            $this->key, $on, $this->minutes, $this->handsMin, $this->who, $this->waitMin, $this->waitMax, $this->colour,
            $this->family, $this->room, $this->takes,
        );
    }

    /** Of half the pieces: half the hands and the room; what runs by itself takes as long. */
    public function halved(): self
    {
        return new self(
            $this->key, $this->on, $this->minutes - $this->handsMin / 2, $this->handsMin / 2, $this->who,
            $this->waitMin, $this->waitMax, $this->colour, $this->family, $this->room / 2, $this->takes,
        );
    }
}
