<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Blast\BlastPlan;
use Aenum\Core\Strip\StripWay;
use App\Actions\Blast\BlastOfPart;
use App\Actions\Route\PartRoute;
use App\Models\Part;
use App\Models\Shop;

/** Every way to strip a part in this shop, and the one it goes. */
final readonly class StripOfPart
{
    /** @param  array<string, StripWay>  $ways  by key, the least work first */
    private function __construct(public PartRoute $route, public array $ways, public StripWay $way)
    {
    }

    public static function of(Part $part): self
    {
        $route = PartRoute::of($part);
        $area = max(1e-4, $part->count * $part->area_m2);
        $blast = BlastOfPart::of($route);
        $cost = function (array $left) use ($blast, $route, $area): array {
            $plan = BlastPlan::of($blast->media, $route->facts->part->metal, $left, $area, $route->facts->equipment->nozzleMm ?? BlastPlan::REFERENCE_BORE_MM, $blast->plan->bar, $blast->mixture, $blast->access, $blast->factor);

            return [$plan->minutes, $plan->mediaKg];
        };
        $ways = [];
        foreach (StripWay::all($route->facts, $area, $cost) as $way) {
            $ways[$way->key] = $way;
        }
        $chosen = $ways[$part->prep['strip'] ?? ''] ?? null;

        return new self($route, $ways, $chosen !== null && $chosen->allowed() ? $chosen : self::usual($ways));
    }

    /**
     * The house's way where it is one: chemical for cross-linked coatings, blast for the rest, or always the one.
     *
     * @param  array<string, StripWay>  $ways
     */
    private static function usual(array $ways): StripWay
    {
        $allowed = array_filter($ways, fn (StripWay $way): bool => $way->allowed());
        $house = Shop::current()->house['strip'] ?? 'by_coating';
        // The stripper every shop can brush on; a tank or a burn-off oven is chosen by who has one.
        if (isset($allowed['benzyl']) && ($house === 'chemical' || ($house === 'by_coating' && self::slow($allowed['blast'] ?? null)))) {
            return $allowed['benzyl'];
        }

        return $allowed['degrease'] ?? $allowed['blast'] ?? array_values($allowed ?: $ways)[0];
    }

    private static function slow(?StripWay $blast): bool
    {
        return $blast === null || array_intersect($blast->toBlast, ['two_part_paint', 'old_powder']) !== [];
    }
}
