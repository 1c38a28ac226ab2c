<?php

declare(strict_types=1);

namespace App\Platform\Demo;

/** Whether simulated instruments answer: in the demo only. */
final class SimulatedDevices
{
    /** Whether pages show the buttons of the stand-ins. */
    public static function answer(): bool
    {
        return (bool) config('app.demo');
    }

    /** 404 outside the demo: there is no such instrument. */
    public static function orNone(): void
    {
        abort_unless(self::answer(), 404);
    }
}
