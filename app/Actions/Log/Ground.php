<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\LogLine;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;

/** Part to earth, as it was measured. */
final class Ground
{
    public static function write(Part $part, float $ohm, User $by): LogLine
    {
        return WriteLog::line('ground', null, ['ohm' => $ohm], $by, $part);
    }

    /** The latest of any day; null before the first. */
    public static function latest(Part $part): ?LogLine
    {
        $lines = LogLine::of('ground')->with('user');
        $lines->where('part_id', $part->id)->orderByDesc('id');

        return $lines->first();
    }

    /** What was measured on the part's rack today, Ω; null where nothing was. */
    public static function today(Part $part): ?float
    {
        $latest = self::latest($part);

        return $latest !== null && $latest->at->gte(ShopClock::today()->utc()) ? $latest->figure('ohm') : null;
    }
}
