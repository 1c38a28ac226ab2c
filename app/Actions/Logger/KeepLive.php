<?php

declare(strict_types=1);

namespace App\Actions\Logger;

use Aenum\Core\Logger\LoggerColumn;
use App\Actions\Oven\LiveLogger;
use App\Models\LiveSample;
use App\Models\OvenLoad;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Collection;

/** What loggers said while they rode becomes their files, when the load is out. */
final class KeepLive
{
    public static function of(OvenLoad $bake, User $by): void
    {
        $shut = $bake->shut_at ?? ShopClock::now();
        $keep = new KeepLog;
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
