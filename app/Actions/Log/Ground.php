<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Models\LogLine;
use App\Models\Lot;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Collection;

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
        $of = Hanging::gather($part, 'grounds', self::lines(...)) ?? self::lines([$part->id])->all();
        $mine = array_filter($of, fn (LogLine $line): bool => $lot === null || $line->lot_id === $lot->id);

        return array_values($mine)[0] ?? null;
    }

    /**
     * @param  list<int>  $parts
     * @return Collection<int, LogLine> the latest first
     */
    private static function lines(array $parts): Collection
    {
        return LogLine::of('ground')->with('user')->whereIn('part_id', $parts)->orderByDesc('id')->get();
    }

    /** What was measured on the part's rack today, Ω; null where nothing was. */
    public static function today(Part $part, ?Lot $lot = null): ?float
    {
        $latest = self::latest($part, $lot);

        return $latest !== null && $latest->at->gte(ShopClock::today()->utc()) ? $latest->figure('ohm') : null;
    }
}
