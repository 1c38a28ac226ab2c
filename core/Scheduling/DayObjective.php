<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** What a plan of the day is to bring down first. */
enum DayObjective: string
{
    /** Weighted minutes late, then the end of the last step, then minutes of colour changes. */
    case Due = 'due';

    /** The end of the last step. */
    case Makespan = 'makespan';
}
