<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;

/** Resistance of a part to ground, as measured. */
final class GroundReading
{
    /** Volts a meter measures with => what it is. */
    public const METERS = ['1000' => '1,000 V tester', '500' => '500 V tester', '9' => 'multimeter (9 V)'];

    /** @param  float|null  $volts  the meter measures with; null where nobody said */
    public static function write(Batch $batch, float $ohm, User $by, ?float $volts = null): LogLine
    {
        $figures = array_filter(['ohm' => $ohm, 'volts' => $volts], fn (?float $one): bool => $one !== null);

        return WriteLog::line('ground', null, $figures, $by, $batch->part, batch: $batch);
    }

    /** The latest of any day; null before the first. */
    public static function latest(Part $part, ?Batch $batch = null): ?LogLine
    {
        return $part->logged('ground')->first(
            fn (LogLine $line): bool => $batch === null || $line->batch_id === $batch->id,
        );
    }

    /** What was measured on the part's rack today; null where nothing was. */
    public static function today(Part $part, ?Batch $batch = null): ?LogLine
    {
        $latest = self::latest($part, $batch);

        return $latest !== null && $latest->at->gte(ShopClock::today()->utc()) ? $latest : null;
    }
}
