<?php

declare(strict_types=1);

namespace App\Platform\Demo;

/** The simulated instruments answer in the demo alone: in a shop of its own an invented figure has no place. */
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
