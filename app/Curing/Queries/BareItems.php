<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\Infrared;
use Aenum\Core\Thermal\LoadItem;
use App\Curing\Models\OvenLoad;

/** The bare parts of a bake-out as items of the heat solver. */
final class BareItems
{
    /** @return list<LoadItem> */
    public static function of(OvenLoad $load): array
    {
        return array_map(fn (ReadableItem $one): LoadItem => $one->item, self::read($load));
    }

    /** @return list<ReadableItem> */
    public static function read(OvenLoad $load): array
    {
        $load->loadMissing('items.part.job');
        $items = [];
        foreach ($load->items as $item) {
            $metal = $item->part->metalKind();
            $bare = LoadItem::of(
                mb_substr($item->part->name, 0, 200),
                $item->count,
                $metal,
                (float) $item->part->mass_kg,
                (float) $item->part->area_m2,
                $metal->bareEmissivity,
                $item->part->view_factor,
            );
            $items[] = new ReadableItem($item, null, $bare, Infrared::PATCH_EMISSIVITY);
        }

        return $items;
    }
}
