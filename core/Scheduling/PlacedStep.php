<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A step with its place in the day. */
final readonly class PlacedStep
{
    /**
     * @param  ?string  $who  null where no hands are needed, or hands are not limited
     * @param  float  $fromMin  min of the day's own count
     */
    public function __construct(
        public string $job,
        public string $step,
        public string $on,
        public ?string $who,
        public float $fromMin,
        public float $toMin,
    ) {
    }
}
