<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** One step of a route. */
final readonly class Step
{
    /** Why it is there. */
    public Message $why;

    /** What works on the part in it; null where nothing but hands, media or heat. */
    public ?Agent $agent;

    /** Part metal, where the step heats it, °C. */
    public ?float $celsius;

    /**
     * @param  float  $minutes  hands-on, for all pieces
     * @param  float  $waitMinutes  before the next step may start: dwell, bake, cooling
     * @param  float|null  $celsius  part metal, where the step heats it
     * @param  float|null  $holdMinutes  at that temperature
     * @param  int|null  $coat  which coat, from 1, where the step belongs to one
     * @param  Agent|null  $agent  where another than the usual one
     */
    public function __construct(
        public StepKind $kind,
        public float $minutes,
        public float $waitMinutes,
        Message|string $why,
        ?float $celsius = null,
        public ?float $holdMinutes = null,
        public ?int $coat = null,
        ?Agent $agent = null,
    ) {
        $this->why = Message::from($why);
        $this->agent = $agent ?? Agents::usualFor($kind);
        $this->celsius = $celsius ?? $this->agent?->celsius;
    }

    /** What it is called on the route. */
    public function name(): string
    {
        return $this->kind->label().($this->coat === null ? '' : " {$this->coat}");
    }

    /** What it takes: hands, waiting, and what else. */
    public function takes(): Message
    {
        $times = array_filter([
            $this->minutes > 0 ? Message::of('{min} of hands', ['min' => Quantity::minutes($this->minutes)]) : null,
            $this->waitMinutes > 0 ? Message::of('wait {min}', ['min' => Quantity::minutes($this->waitMinutes)]) : null,
        ]);
        $needs = $this->kind->needs();

        $all = Message::all(array_values($times), ', ');

        return $needs === null ? $all : Message::all([$all, "· {$needs}"]);
    }

    /** The same step for another reason. */
    public function because(Message $why): self
    {
        return new self(
            $this->kind, $this->minutes, $this->waitMinutes, $why,
            $this->celsius, $this->holdMinutes, $this->coat, $this->agent,
        );
    }

    /** The same step, as hot and as long as it is really set. */
    public function heated(float $celsius, float $holdMinutes): self
    {
        return new self(
            $this->kind, $this->minutes, $this->waitMinutes, $this->why,
            $celsius, $holdMinutes, $this->coat, $this->agent,
        );
    }

    /** The same step, taking so many times the hands, and why. */
    public function slower(float $times, string $why): self
    {
        return new self(
            $this->kind, $times * $this->minutes, $this->waitMinutes, Message::all([$this->why, $why]),
            $this->celsius, $this->holdMinutes, $this->coat, $this->agent,
        );
    }

    /** The same step, taking so many minutes of hands. */
    public function taking(float $minutes): self
    {
        return new self(
            $this->kind, $minutes, $this->waitMinutes, $this->why,
            $this->celsius, $this->holdMinutes, $this->coat, $this->agent,
        );
    }

    /** The same step for another coat. */
    public function ofCoat(int $coat): self
    {
        return new self(
            $this->kind, $this->minutes, $this->waitMinutes, $this->why,
            $this->celsius, $this->holdMinutes, $coat, $this->agent,
        );
    }
}
