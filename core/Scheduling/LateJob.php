<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A job that ends after it is due, and why. */
final readonly class LateJob
{
    /**
     * @param  float  $lateMin  after it is due
     * @param  float  $aloneMin  of these it would be as late with the shop to itself
     * @param  ?string  $step  the one that waits longest; null where it waits for nothing
     * @param  float  $waitsMin  beyond what the route asks
     * @param  ?string  $for  the machine, the person or the means it waits for
     */
    public function __construct(
        public string $job,
        public float $lateMin,
        public float $aloneMin,
        public DelayCause $by,
        public ?string $step,
        public float $waitsMin,
        public ?string $for,
    ) {
    }

    /** The same in a sentence. */
    public function said(): string
    {
        $late = round($this->lateMin);
        $waits = round($this->waitsMin);
        $why = match ($this->by) {
            DelayCause::Itself => 'its own steps and waits take longer than there is, with the shop to itself',
            DelayCause::Machine => "{$this->step} waits {$waits} min for {$this->for}",
            DelayCause::Means => "{$this->step} waits {$waits} min until a {$this->for} is free",
            DelayCause::Hands => "{$this->step} waits {$waits} min for the hands of {$this->for}",
        };

        return "{$this->job} ends {$late} min after it is due: {$why}.";
    }
}
