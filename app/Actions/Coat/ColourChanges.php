<?php

declare(strict_types=1);

namespace App\Actions\Coat;

use Aenum\Core\Blast\ShopFactor;
use Aenum\Core\Coat\ColourChange;
use Aenum\Core\Coat\Feed;
use Aenum\Core\Word\Station;
use App\Actions\Lot\CoatOfLot;
use App\Models\Gun;
use App\Models\LogLine;
use App\Models\Lot;
use App\Models\Powder;
use App\Models\Shop;
use App\Support\ThisRequest;

/** From colour to colour: what it takes in this shop, and which of the day's other colours are dear neighbours. */
final class ColourChanges
{
    public const KIND = 'colour_change';

    private const THAT_COUNT = 30;

    private const NEEDS = [
        'marks', 'part.lots', 'part.coats.powder', 'part.coats.results', 'part.coats.inspections.ovenLog',
    ];

    /** What logged changes have taught of the book's minutes. */
    public static function factor(): ShopFactor
    {
        return ThisRequest::once('colour changes', function (): ShopFactor {
            $logs = LogLine::of(self::KIND)->orderByDesc('id')->limit(self::THAT_COUNT)->get();

            return ShopFactor::from(array_values($logs->map(fn (LogLine $line): array => [
                (float) $line->figure('planned_min'),
                (float) $line->figure('actual_min'),
            ])->all()));
        });
    }

    /**
     * From what was sprayed last to every powder that is due at Coat today, the cheapest first.
     *
     * @return list<array{powder: Powder, change: ?ColourChange, minutes: float, lots: int}>
     */
    public static function today(): array
    {
        $gun = ThisRequest::once('guns', Gun::inUse(...))->first();
        $last = CoatBoard::lastPowderOf(null);
        $due = [];
        $lots = Lot::hanging()->where('lots.station', Station::Coat)->with(self::NEEDS)->get();
        $lots->each(fn (Lot $lot) => $lot->part->knit());
        foreach ($lots as $lot) {
            $coat = CoatOfLot::due($lot);
            if ($coat !== null) {
                $due[$coat->powder_id] ??= ['powder' => $coat->powder, 'lots' => 0];
                $due[$coat->powder_id]['lots']++;
            }
        }
        $list = array_map(fn (array $one): array => $one + self::between($gun, $last, $one['powder']), $due);
        usort($list, fn (array $a, array $b): int => $a['minutes'] <=> $b['minutes']);

        return $list;
    }

    /** @return array{change: ?ColourChange, minutes: float} */
    private static function between(?Gun $gun, ?Powder $from, Powder $to): array
    {
        $change = $from === null || $from->id === $to->id ? null : ColourChange::of(
            $gun->feed ?? Feed::Cup,
            $from->colour,
            $to->colour,
            $from->effect()->hasFlake(),
            Shop::current()->booth_reclaims,
        );

        return ['change' => $change, 'minutes' => $change === null ? 0.0 : self::factor()->factor * $change->minutes];
    }
}
