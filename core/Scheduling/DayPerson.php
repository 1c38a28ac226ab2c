<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A pair of hands: what they can do, and when they are there. */
final readonly class DayPerson
{
    /** @param  list<string>  $can */
    public function __construct(public string $key, public array $can, public Spans $open)
    {
    }

    /** The same, staying so many minutes longer each time. */
    public function longer(float $minutes): self
    {
        return new self($this->key, $this->can, $this->open->longer($minutes));
    }
}
