<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** One way out of a late date, tried. */
final readonly class LateOption
{
    /**
     * @param  float  $endMin  when the job, or its first half, is then done
     * @param  float  $lateMin  after it is due
     * @param  float  $overtimeMin  more at the end of each day; 0 for none
     * @param  list<string>  $others  jobs that are late by it and were not
     */
    public function __construct(
        public LateOptionKind $kind,
        public float $endMin,
        public float $lateMin,
        public float $overtimeMin = 0.0,
        public array $others = [],
    ) {
    }

    /** Whether the date is kept by it, and nobody else's lost. */
    public function meetsDate(): bool
    {
        return $this->lateMin <= PackedSpans::NEAR && $this->others === [];
    }
}
