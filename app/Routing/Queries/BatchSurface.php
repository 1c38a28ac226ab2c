<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\StepOutcome;
use App\Intake\Models\Batch;
use App\Platform\Cache\RequestMemo;

/** What is on the metal of a batch now, by completed steps; a step recorded as not needed was not done. */
final class BatchSurface
{
    public static function of(Batch $batch): Surface
    {
        return RequestMemo::once("surface {$batch->id}", fn (): Surface => self::on(RoutingProgress::of($batch)));
    }

    public static function on(RoutingProgress $walk): Surface
    {
        return $walk->route->surfaceNow(
            fn (int $position): bool => $walk->walk->outcome($position) === StepOutcome::Done,
        );
    }
}
