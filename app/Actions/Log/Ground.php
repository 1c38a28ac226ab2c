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
    /** Volts a meter measures with => what it is. */
    public const METERS = ['1000' => '1,000 V tester', '500' => '500 V tester', '9' => 'multimeter (9 V)'];

    /** @param  float|null  $volts  the meter measures with; null where nobody said */
    public static function write(Lot $lot, float $ohm, User $by, ?float $volts = null): LogLine
    {
        $figures = array_filter(['ohm' => $ohm, 'volts' => $volts], fn (?float $one): bool => $one !== null);

        return WriteLog::line('ground', null, $figures, $by, $lot->part, lot: $lot);
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

    /** What was measured on the part's rack today; null where nothing was. */
    public static function today(Part $part, ?Lot $lot = null): ?LogLine
    {
        $latest = self::latest($part, $lot);

        return $latest !== null && $latest->at->gte(ShopClock::today()->utc()) ? $latest : null;
    }
}
