<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** How long the search may go on: so many moves, or while somebody outside says so. */
final class Budget
{
    private int $made = 0;

    /** @param  ?\Closure(): float  $spent  seconds since the search was asked for */
    private function __construct(
        private readonly ?int $moves,
        private readonly ?\Closure $spent,
        private readonly float $seconds,
    ) {
    }

    /** So many moves, whatever the clock: the same day and seed then give the same plan. */
    public static function moves(int $moves): self
    {
        return new self($moves, null, INF);
    }

    /**
     * Time budget, injected clock.
     *
     * @param  \Closure(): float  $spent  seconds since the search was asked for
     */
    public static function seconds(float $seconds, \Closure $spent): self
    {
        return new self(null, $spent, $seconds);
    }

    /** As much again, from now on; by moves, so many. */
    public function again(int $moves): self
    {
        $spent = $this->spent;
        if ($spent === null) {
            return self::moves($moves);
        }
        $began = $spent();

        return self::seconds($this->seconds, fn (): float => $spent() - $began);
    }

    /** Whether another move may be made; it counts as made. */
    public function another(): bool
    {
        $this->made++;

        return $this->moves === null ? $this->share() < 1 : $this->made <= $this->moves;
    }

    /** Whether it ends by the clock. */
    public function isTimed(): bool
    {
        return $this->moves === null;
    }

    /** How much of it is gone, 0 to 1. */
    public function share(): float
    {
        return $this->moves === null
            ? min(1.0, $this->spent === null ? 1.0 : ($this->spent)() / max(1e-3, $this->seconds))
            : min(1.0, $this->made / max(1, $this->moves));
    }

    /** Moves made so far. */
    public function made(): int
    {
        return $this->moves === null ? $this->made : min($this->made, $this->moves);
    }
}
