<?php

declare(strict_types=1);

namespace App\Quoting\Queries;

use Aenum\Core\Application\Openness;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Quoting\AskedFor;
use Aenum\Core\Quoting\Quote;
use Aenum\Core\Quoting\QuotePowder;
use Aenum\Core\Routing\PartRouting;
use App\Application\Queries\PowderStock;
use App\Application\Queries\SprayStatistics;
use App\Catalog\Models\Oven;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\ShopBlast;

/** Price of a part by its route. */
final class QuotePart
{
    /** A piece whose box nobody measured fills so much of an oven. House figure, unverified. */
    private const SHARE_EACH = 0.05;

    public static function of(Part $part): Quote
    {
        $route = PartRoute::of($part);

        return Quote::of(
            $part->count,
            fn (int $count): PartRouting => $count === $part->count ? $route->plan() : $route->atCount($count),
            array_values($part->coats->sortBy('position')->map(
                fn (Coat $coat): QuotePowder => self::powder($coat, $route->facts->part->openness()),
            )->all()),
            ShopTerms::for($part),
            ShopBlast::mediaKg(...),
            fn (int $count): float => self::roomShare($part, $count),
            self::asked($part),
        );
    }

    /**
     * Two prices where nobody knows the metal yet.
     *
     * @return array<string, Quote> metal => as if it were that
     */
    public static function byMetal(Part $part): array
    {
        $quotes = [];
        foreach (['carbon_steel' => 'if it is steel', 'aluminium' => 'if it is aluminium'] as $metal => $words) {
            $as = clone $part;
            $as->metal = $metal;
            $quotes[$words] = self::of($as);
        }

        return $quotes;
    }

    private static function powder(Coat $coat, Openness $openness): QuotePowder
    {
        $powder = $coat->powder;

        return QuotePowder::of(
            $powder->density(),
            $powder->price_kg,
            PowderStock::of($powder)->totalG() <= 0 && $powder->lots->isNotEmpty(),
            $powder->box_kg ?? QuotePowder::USUAL_BOX_KG,
            $powder->transfer,
            SprayStatistics::transfer($powder, $openness)->factor,
        );
    }

    /** Of the largest oven's floor, above 0 to 1. */
    private static function roomShare(Part $part, int $count): float
    {
        $room = Oven::largest()?->roomMm();
        $box = $part->boxMm();
        if ($room === null || $box === null) {
            return min(1.0, self::SHARE_EACH * $count);
        }
        sort($box);

        return max(0.01, min(1.0, $count * $box[0] * $box[1] / ($room[0] * $room[2])));
    }

    private static function asked(Part $part): AskedFor
    {
        $of = fn (\Closure $is): int => $part->pins->filter(fn (Pin $pin): bool => $is($pin->kind))->count();
        $top = fn (Part $one): ?string => $one->coats->sortBy('position')->last()?->powder->name;

        return new AskedFor(
            $of(fn (PinKind $kind): bool => $kind->isMasked()),
            $of(fn (PinKind $kind): bool => $kind === PinKind::Damage),
            max(1, $part->job->parts->map($top)->filter()->unique()->count()),
        );
    }
}
