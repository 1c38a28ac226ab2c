<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** Chance that is the same for the same seed: a linear congruence over 31 bits, its upper bits used. */
final class Dice
{
    private int $state;

    public function __construct(int $seed)
    {
        $this->state = ($seed * 2654435761 + 12345) & 0x7FFFFFFF;
    }

    /** A whole number from 0 to one below this. */
    public function below(int $n): int
    {
        return (int) ($this->share() * $n);
    }

    /** From 0 to below 1. */
    public function share(): float
    {
        $this->state = ($this->state * 1103515245 + 12345) & 0x7FFFFFFF;

        return ($this->state >> 4) / 0x8000000;
    }
}
