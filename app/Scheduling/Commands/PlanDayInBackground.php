<?php

declare(strict_types=1);

namespace App\Scheduling\Commands;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Plans the day in a worker. One waits at a time; what is written while one runs asks for the next. */
final class PlanDayInBackground implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** Many forms sent within so long lead to one new plan, s; a person who looks at the plan waits for none of it. */
    private const COLLECTS_S = 15;

    /** A lock of a worker that died is let go after so long, s. */
    public int $uniqueFor = 120;

    public int $tries = 3;

    public int $timeout = 60;

    private function __construct(private readonly bool $fromScratch, private readonly bool $isSoon)
    {
    }

    /** Asks for a plan as soon as a worker is free: near the plan before, or from scratch. */
    public static function now(bool $fromScratch = false): void
    {
        dispatch((new self($fromScratch, false))->afterCommit());
    }

    /**
     * Asks for a plan in a while: something was written, and more may follow. What was written is kept already, so that
     * a fault here is reported and no more.
     */
    public static function soon(): void
    {
        rescue(static function (): void {
            dispatch((new self(false, true))->delay(self::COLLECTS_S)->afterCommit());
        });
    }

    public function uniqueId(): string
    {
        return ($this->fromScratch ? 'scratch' : 'update').($this->isSoon ? ' soon' : '');
    }

    public function handle(): void
    {
        PlanDay::update($this->fromScratch);
    }
}
