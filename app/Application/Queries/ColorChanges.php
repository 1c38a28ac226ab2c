<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Feed;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Intake\Models\Batch;
use App\Platform\Cache\RequestMemo;
use App\Platform\Cache\SharedReads;
use App\Routing\Models\LogLine;
use App\Routing\Queries\BatchCoatStatus;
use App\Routing\Queries\BatchSnapshot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Color changes of this shop: what each takes, and which of the day's colors are costly neighbors. */
final class ColorChanges
{
    public const KIND = 'colour_change';

    private const THAT_COUNT = 30;

    /** @return Builder<LogLine> the latest changes that were timed */
    public static function logged(): Builder
    {
        return LogLine::of(self::KIND)->orderByDesc('id')->limit(self::THAT_COUNT);
    }

    /** What logged changes have taught of the book's minutes. */
    public static function factor(): ShopFactor
    {
        return RequestMemo::once('colour changes', function (): ShopFactor {
            $logs = SharedReads::get('colour changes', LogLine::class);

            return ShopFactor::from(array_values($logs->map(fn (LogLine $line): array => [
                (float) $line->figure('planned_min'),
                (float) $line->figure('actual_min'),
            ])->all()));
        });
    }

    /**
     * From what was sprayed last to every powder that is due at Coat today, the cheapest first.
     *
     * @param  Collection<int, Batch>  $batches  at Coat
     * @return list<array{powder: Powder, change: ?ColorChange, minutes: float, lots: int}>
     */
    public static function today(Collection $batches): array
    {
        $gun = Gun::inUse()->first();
        $last = CoatSetup::lastPowderOf(null);
        $due = [];
        BatchSnapshot::ofBatches($batches);
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
