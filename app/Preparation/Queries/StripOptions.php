<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Advice\StripOption;
use App\Intake\Models\Part;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\ShopBlast;

/** The options to strip a part in this shop, and the chosen one. */
final readonly class StripOptions
{
    /** @param  array<string, StripOption>  $ways  by key, the least work first */
    private function __construct(public PartRoute $route, public array $ways, public StripOption $way)
    {
    }

    public static function of(Part $part): self
    {
        $route = PartRoute::of($part);
        $bench = ShopBlast::bench($route->plan(), new BlastSetting);
        $ways = StripOption::all($route->facts, function (array $left) use ($bench): array {
            $plan = $bench->taking($left);

            return [$plan->minutes, $plan->mediaKg];
        });
        $byKey = array_column(array_map(fn (StripOption $way): array => [$way->key, $way], $ways), 1, 0);

        return new self($route, $byKey, StripOption::pick($ways, $route->plan(), $part->strip_way));
    }
}
