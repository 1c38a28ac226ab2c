<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Feed;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Application\ViewModels\CoatViewModel;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Intake\Models\Batch;
use App\Platform\Cache\RequestMemo;
use App\Routing\Models\LogLine;
use App\Routing\Queries\BatchCoatStatus;

/** Color changes of this shop: what each takes, and which of the day's colors are costly neighbors. */
final class ColorChanges
{
    public const KIND = 'colour_change';

    private const THAT_COUNT = 30;

    private const NEEDS = [
        'marks', 'part.batches', 'part.coats.powder', 'part.coats.results', 'part.coats.inspections.ovenLog',
    ];

    /** What logged changes have taught of the book's minutes. */
    public static function factor(): ShopFactor
    {
        return RequestMemo::once('colour changes', function (): ShopFactor {
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
     * @return list<array{powder: Powder, change: ?ColorChange, minutes: float, lots: int}>
     */
    public static function today(): array
    {
        $gun = RequestMemo::once('guns', Gun::inUse(...))->first();
        $last = CoatViewModel::lastPowderOf(null);
        $due = [];
        $batches = Batch::hanging()->where('batches.station', Station::Coat)->with(self::NEEDS)->get();
        $batches->each(fn (Batch $batch) => $batch->part->knit());
        foreach ($batches as $batch) {
            $coat = BatchCoatStatus::due($batch);
            if ($coat !== null) {
                $due[$coat->powder_id] ??= ['powder' => $coat->powder, 'lots' => 0];
                $due[$coat->powder_id]['lots']++;
            }
        }
        $list = array_map(fn (array $one): array => $one + self::between($gun, $last, $one['powder']), $due);
        usort($list, fn (array $a, array $b): int => $a['minutes'] <=> $b['minutes']);

        return $list;
    }

    /** @return array{change: ?ColorChange, minutes: float} */
    private static function between(?Gun $gun, ?Powder $from, Powder $to): array
    {
        $change = $from === null || $from->id === $to->id ? null : ColorChange::of(
            $gun->feed ?? Feed::Cup,
            $from->colour,
            $to->colour,
            $from->effect()->hasFlake(),
            Shop::current()->booth_reclaims,
        );

        return ['change' => $change, 'minutes' => $change === null ? 0.0 : self::factor()->factor * $change->minutes];
    }
}
