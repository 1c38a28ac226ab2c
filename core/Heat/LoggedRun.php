<?php

declare(strict_types=1);

namespace Aenum\Core\Heat;

/** A run a logger sat in: what was in the oven, how it was run, and what was measured. */
final readonly class LoggedRun
{
    /** The air. */
    public const AIR = -1;

    /**
     * @param  list<LoadItem>  $load
     * @param  list<array{int, float, float}>  $samples  item (or AIR), s of the run, °C
     */
    public function __construct(public array $load, public OvenSchedule $schedule, public array $samples)
    {
    }
}
