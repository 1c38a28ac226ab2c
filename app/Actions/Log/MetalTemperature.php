<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\LogLine;
use App\Models\Lot;
use App\Models\User;
use App\Support\ShopClock;

/** The temperature of a part's own metal, as measured before it is blasted or sprayed. */
final class MetalTemperature
{
    public const KIND = 'metal_temperature';

    /** A reading older than this says nothing about now, min. House figure. */
    private const FRESH_MIN = 120;

    public static function write(Lot $lot, float $celsius, User $by): LogLine
    {
        return WriteLog::line(self::KIND, null, ['celsius' => $celsius], $by, $lot->part, lot: $lot);
    }

    /** Returns the last fresh reading, °C; null where there is none. */
    public static function of(Lot $lot): ?float
    {
        $line = LogLine::of(self::KIND)->where('lot_id', $lot->id)->orderByDesc('id')->first();
        $isFresh = $line !== null && $line->at->diffInMinutes(ShopClock::now()) <= self::FRESH_MIN;

        return $isFresh ? $line->figure('celsius') : null;
    }
}
