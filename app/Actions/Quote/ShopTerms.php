<?php

declare(strict_types=1);

namespace App\Actions\Quote;

use Aenum\Core\Blast\ShopFactor;
use Aenum\Core\Coat\Feed;
use Aenum\Core\Quote\LineKind;
use Aenum\Core\Quote\QuoteTerms;
use App\Actions\Coat\ColourChanges;
use App\Models\Gun;
use App\Models\Part;
use App\Models\QuoteLine;
use App\Models\QuotePolicy;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;

/** What this shop charges by: its prices and policies, and what its own record says. */
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
        [$reworked, $lots] = self::record($part);
        $feed = Gun::inUse()->first()->feed ?? Feed::Cup;

        return QuoteTerms::of(
            $prices['hour'] ?? self::NO_PRICE,
            $prices['powder_kg'] ?? self::NO_PRICE,
            $prices['media_kg'] ?? self::NO_PRICE,
            $prices['kwh'] ?? self::NO_PRICE,
            $shop->ambient_c,
            $feed->changeMinutes() * ColourChanges::factor()->factor,
            self::learned(),
            QuotePolicy::query()->get()->mapWithKeys(
                fn (QuotePolicy $one): array => [$one->policy => $one->way()],
            )->all(),
            $reworked,
            $lots,
            'lots of '.mb_strtolower($part->metalKind()->name),
        );
    }

    /** @return array<string, ShopFactor> line => what was measured of it */
    public static function learned(): array
    {
        $factors = [];
        foreach (LineKind::cases() as $kind) {
            $logs = QuoteLine::query()->where('kind', $kind)->whereNotNull('actual_min')->where('planned_min', '>', 0)
                ->orderByDesc('actual_at')->limit(self::THAT_COUNT)->get()
                ->map(fn (QuoteLine $one): array => [$one->planned_min, (float) $one->actual_min]);
            if ($kind->isWork() && $logs->isNotEmpty()) {
                $factors[$kind->value] = ShopFactor::from(array_values($logs->all()));
            }
        }

        return $factors;
    }

    /** @return array{int, int} lots of its metal that had been mended, and all that were handed over */
    private static function record(Part $part): array
    {
        $lots = fn () => DB::table('lots')->join('parts', 'parts.id', '=', 'lots.part_id')
            ->where('lots.fate', 'released')->where('parts.metal', $part->metal);
        $mended = $lots()->whereExists(
            fn ($faults) => $faults->from('faults')->whereColumn('faults.lot_id', 'lots.id')->whereNull('withdrawn_at'),
        );

        return [$mended->count(), $lots()->count()];
    }
}
