<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** How one setpoint turned out for a load. */
enum Outcome
{
    case Serves;
    case Overbakes;
    case NeverDone;
}
