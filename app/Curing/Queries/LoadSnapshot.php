<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use App\Catalog\Models\CureScheduleRow;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Coat;
use Illuminate\Database\Eloquent\Collection;

/**
 * Oven and powders of a load as they were when its door closed.
 *
 * Later changes of the catalog affect the next bake, never the record of this one. A load that is not closed, or was
 * closed before snapshots existed, uses the current values.
 */
final class LoadSnapshot
{
    /** @return array{oven: array<string, mixed>, powders: array<int, array<string, mixed>>} as it is kept */
    public static function capture(OvenLoad $load): array
    {
        $load->loadMissing(['oven', 'items.part.everyCoat.powder.rows']);
        $powders = [];
        foreach ($load->items as $item) {
            foreach ($item->coat_id === null ? [] : $item->part->everyCoat as $coat) {
                $powders[$coat->powder_id] = $coat->powder->getAttributes() + [
                    'rows' => $coat->powder->rows->map(
                        fn (CureScheduleRow $row): array => $row->getAttributes(),
                    )->all(),
                ];
            }
        }

        return ['oven' => $load->oven->getAttributes(), 'powders' => $powders];
    }

    public static function oven(OvenLoad $load): Oven
    {
        $kept = $load->snapshot['oven'] ?? null;

        return is_array($kept) ? self::asKept(new Oven, $kept) : $load->oven;
    }

    public static function powder(OvenLoad $load, Coat $coat): Powder
    {
        $kept = $load->snapshot['powders'][$coat->powder_id] ?? null;
        if (! is_array($kept)) {
            return $coat->powder;
        }
        $rows = array_map(
            fn (array $row): CureScheduleRow => (new CureScheduleRow)->setRawAttributes($row),
            array_values(array_filter((array) ($kept['rows'] ?? []), is_array(...))),
        );
        $powder = self::asKept(new Powder, array_diff_key($kept, ['rows' => true]));

        return $powder->setRelation('rows', new Collection($rows));
    }

    /**
     * An earlier release did not keep what was not yet asked: that is as on a new one of which nothing is said.
     *
     * @template T of Oven|Powder
     *
     * @param  T  $new
     * @param  array<string, mixed>  $kept
     * @return T
     */
    private static function asKept(Oven|Powder $new, array $kept): Oven|Powder
    {
        return $new->setRawAttributes($kept + $new->getAttributes());
    }

    /** The powder that went on, as it was when the coat was last baked; as it is now before that. */
    public static function ofCoat(Coat $coat): Powder
    {
        $coat->loadMissing('ovenItems.ovenLoad');
        $load = $coat->ovenItems->sortByDesc('id')->map(fn (OvenLoadItem $item): OvenLoad => $item->ovenLoad)
            ->first(fn (OvenLoad $load): bool => in_array($load->status, ['running', 'pulled'], true));

        return $load === null ? $coat->powder : self::powder($load, $coat);
    }
}
