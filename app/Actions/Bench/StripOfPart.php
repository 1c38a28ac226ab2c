<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Bench\BlastSetting;
use Aenum\Core\Bench\WayOff;
use App\Actions\Blast\ShopBlast;
use App\Actions\Route\PartRoute;
use App\Models\Part;

/** Every way to strip a part in this shop, and the one it goes. */
final readonly class StripOfPart
{
    /** @param  array<string, WayOff>  $ways  by key, the least work first */
    private function __construct(public PartRoute $route, public array $ways, public WayOff $way)
    {
    }

    public static function of(Part $part): self
    {
        $route = PartRoute::of($part);
        $bench = ShopBlast::bench($route->plan(), new BlastSetting);
        $ways = WayOff::all($route->facts, function (array $left) use ($bench): array {
            $plan = $bench->taking($left);

            return [$plan->minutes, $plan->mediaKg];
        });
        $byKey = array_column(array_map(fn (WayOff $way): array => [$way->key, $way], $ways), 1, 0);

        return new self($route, $byKey, WayOff::pick($ways, $route->plan(), $part->strip_way));
    }
}
