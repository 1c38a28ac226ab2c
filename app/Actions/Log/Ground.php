<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\LogLine;
use App\Models\Lot;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;

/** Part to earth, as it was measured. */
final class Ground
{
    public static function write(Lot $lot, float $ohm, User $by): LogLine
    {
        return WriteLog::line('ground', null, ['ohm' => $ohm], $by, $lot->part, lot: $lot);
    }

    /** The latest of any day; null before the first. */
    public static function latest(Part $part, ?Lot $lot = null): ?LogLine
    {
        $lines = LogLine::of('ground')->with('user');
        $lines->where('part_id', $part->id)->orderByDesc('id');
        $lot === null ?: $lines->where('lot_id', $lot->id);

        return $lines->first();
    }

    /** What was measured on the part's rack today, Ω; null where nothing was. */
    public static function today(Part $part, ?Lot $lot = null): ?float
    {
        $latest = self::latest($part, $lot);

        return $latest !== null && $latest->at->gte(ShopClock::today()->utc()) ? $latest->figure('ohm') : null;
    }
}
