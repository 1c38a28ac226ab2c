<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\LostConnectionDetector;
use Throwable;

/** Reconnects after a lost connection, but not after a time-out, when a person has waited already. */
final class LostConnections extends LostConnectionDetector
{
    /** Seconds a request may have taken until its query is sent again over a new connection. */
    private const PATIENCE_S = 5.0;

    public function causedByLostConnection(Throwable $e): bool
    {
        return self::secondsSinceRequest() < self::PATIENCE_S && parent::causedByLostConnection($e);
    }

    /** 0 on the console, where nobody waits for a page. */
    public static function secondsSinceRequest(): float
    {
        return app()->runningInConsole()
            ? 0.0
            : microtime(true) - (float) request()->server->get('REQUEST_TIME_FLOAT', microtime(true));
    }
}
