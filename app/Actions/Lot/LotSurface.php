<?php

declare(strict_types=1);

namespace App\Actions\Lot;

use Aenum\Core\Surface\Surface;
use Aenum\Core\Word\StepOutcome;
use App\Models\Lot;
use App\Support\ThisRequest;

/** What is on the metal of a batch now, by the steps done on it; a step recorded as not needed was not done. */
final class LotSurface
{
    public static function of(Lot $lot): Surface
    {
        return ThisRequest::once("surface {$lot->id}", fn (): Surface => self::on(LotWalk::of($lot)));
    }

    public static function on(LotWalk $walk): Surface
    {
        return $walk->route->surfaceNow(
            fn (int $position): bool => $walk->walk->outcome($position) === StepOutcome::Done,
        );
    }
}
