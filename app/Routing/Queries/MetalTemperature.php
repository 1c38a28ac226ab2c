<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;

/** Temperature of the metal as measured before blasting or spraying. */
final class MetalTemperature
{
    public const KIND = 'metal_temperature';

    /** A reading older than this says nothing about now, min. House figure. */
    private const FRESH_MIN = 120;

    public static function write(Batch $batch, float $celsius, User $by): LogLine
    {
        return WriteLog::line(self::KIND, null, ['celsius' => $celsius], $by, $batch->part, batch: $batch);
    }

    /** Returns the last fresh reading, °C; null where there is none. */
    public static function of(Batch $batch): ?float
    {
        $line = $batch->part->logged(self::KIND)->firstWhere('batch_id', $batch->id);
        $isFresh = $line !== null && $line->at->diffInMinutes(ShopClock::now()) <= self::FRESH_MIN;

        return $isFresh ? $line->figure('celsius') : null;
    }
}
