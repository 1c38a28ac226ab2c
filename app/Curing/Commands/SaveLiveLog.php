<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Loggers\LoggerColumn;
use App\Accounts\Models\User;
use App\Curing\Models\LiveSample;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\LiveLogger;
use App\Platform\Clock\ShopClock;
use Illuminate\Support\Collection;

/** Turns the live samples of a load into logger files when it is pulled. */
final class SaveLiveLog
{
    public static function of(OvenLoad $bake, User $by): void
    {
        $shut = $bake->shut_at ?? ShopClock::now();
        $keep = new SaveOvenLog;
        foreach (LiveLogger::samples($bake)->groupBy('logger') as $logger => $of) {
            $columns = $of->groupBy('channel')->map(
                fn (Collection $mine, string $name): LoggerColumn => new LoggerColumn($name, array_values($mine->map(
                    fn (LiveSample $one): array => [$shut->diffInMilliseconds($one->at) / 1000, $one->celsius],
                )->all())),
            )->filter(fn (LoggerColumn $column): bool => count($column->points) > 1);
            if ($keep->knows($bake, array_values($columns->keys()->all()))) {
                $keep->keep($bake, array_values($columns->all()), (string) $logger, 0.0, $by);
            }
        }
    }
}
