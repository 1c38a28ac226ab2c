<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Health check for supervisors and load balancers; names the install. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::select('select 1');
            [$says, $status] = ['well', 200];
        } catch (Throwable) {
            [$says, $status] = ['the database is not running', 503];
        }

        return new Response(trim($says.' '.config('app.instance'))."\n", $status, ['Content-Type' => 'text/plain']);
    }
}
