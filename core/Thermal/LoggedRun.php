<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** A run a logger sat in: what was in the oven, how it was run, and what each couple showed. */
final readonly class LoggedRun
{
    /**
     * @param  list<LoadItem>  $load
     * @param  list<ThermocoupleLog>  $couples  at least one
     */
    public function __construct(public array $load, public OvenSchedule $schedule, public array $couples)
    {
    }

    /** Readings over all couples. */
    public function samples(): int
    {
        return array_sum(array_map(fn (ThermocoupleLog $couple): int => count($couple->seconds), $this->couples));
    }
}
