<?php

declare(strict_types=1);

namespace App\Quoting\Queries;

use Aenum\Core\Application\Feed;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Quoting\LineKind;
use Aenum\Core\Quoting\QuoteTerms;
use App\Accounts\Models\Shop;
use App\Application\Queries\ColorChanges;
use App\Catalog\Models\Gun;
use App\Intake\Models\Part;
use App\Platform\Cache\RequestMemo;
use App\Platform\Database\LevelLoader;
use App\Quoting\Models\QuoteLine;
use App\Quoting\Models\QuotePolicy;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The shop's prices and policies, and what its own records say. */
final class ShopTerms
{
    /** Lines that count for what is learned, the latest of each kind. */
    private const THAT_COUNT = 40;

    /** Prices of a shop that has none yet would be nothing. */
    private const NO_PRICE = 0.0;

    public static function hasHourlyRate(): bool
    {
        return isset(Shop::current()->prices()['hour']);
    }

    public static function for(Part $part): QuoteTerms
    {
        $shop = Shop::current();
        $prices = $shop->prices();
        [$reworked, $batches] = self::record($part);
        $feed = Gun::inUse()->first()->feed ?? Feed::Cup;

        return QuoteTerms::of(
            $prices['hour'] ?? self::NO_PRICE,
            $prices['powder_kg'] ?? self::NO_PRICE,
            $prices['media_kg'] ?? self::NO_PRICE,
            $prices['kwh'] ?? self::NO_PRICE,
            $shop->ambient_c,
            $feed->changeMinutes() * ColorChanges::factor()->factor,
            self::learned(),
            RequestMemo::once('quote policies', fn (): array => QuotePolicy::query()->get()->mapWithKeys(
                fn (QuotePolicy $one): array => [$one->policy => $one->way()],
            )->all()),
            $reworked,
            $batches,
            'lots of '.mb_strtolower($part->metalKind()->name),
        );
    }

    /** @return array<string, ShopFactor> line => what was measured of it */
    public static function learned(): array
    {
        return RequestMemo::once('quoted times', self::measured(...));
    }

    /** @return array<string, ShopFactor> */
    private static function measured(): array
    {
        $queries = [];
        foreach (array_filter(LineKind::cases(), fn (LineKind $kind): bool => $kind->isWork()) as $kind) {
            $queries[$kind->value] = QuoteLine::query()->where('kind', $kind)->whereNotNull('actual_min')
                ->where('planned_min', '>', 0)->orderByDesc('actual_at')->limit(self::THAT_COUNT);
        }
        $both = fn (QuoteLine $one): array => [$one->planned_min, (float) $one->actual_min];
        /** @var array<string, Collection<int, QuoteLine>> $logs */
        $logs = array_filter(
            LevelLoader::together($queries),
            fn (Collection $of): bool => $of->isNotEmpty(),
        );

        return array_map(
            fn (Collection $of): ShopFactor => ShopFactor::from(array_values($of->toBase()->map($both)->all())),
            $logs,
        );
    }

    /** @return array{int, int} batches of its metal that had rework, and all released ones */
    private static function record(Part $part): array
    {
        return RequestMemo::once("record of {$part->metal}", function () use ($part): array {
            $counts = DB::table('batches')->join('parts', 'parts.id', '=', 'batches.part_id')
                ->where('batches.status', 'released')->where('parts.metal', $part->metal)->selectRaw(
                    'count(*) as released, sum(exists(select 1 from defects'
                    .' where defects.batch_id = batches.id and defects.withdrawn_at is null)) as reworked',
                )->first();

            return [(int) ($counts->reworked ?? 0), (int) ($counts->released ?? 0)];
        });
    }
}
