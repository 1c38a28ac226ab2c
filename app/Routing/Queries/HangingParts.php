<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Intake\Models\Part;
use App\Platform\Cache\RequestMemo;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Loads rows of all parts in the shop with one query per page. */
final class HangingParts
{
    /**
     * @template T of object
     *
     * @param  Closure(list<int>): Collection<int, T>  $ask  rows with a part_id, of the parts given
     * @return list<T>|null of this part; null where a page of many would not want it: the part does not hang, or
     *      something is being written
     */
    public static function gather(Part $part, string $what, Closure $ask): ?array
    {
        $parts = RequestMemo::isLook() ? self::parts() : [];
        if (! isset($parts[$part->id])) {
            return null;
        }
        $rows = RequestMemo::once("hanging {$what}", fn (): Collection => $ask(array_keys($parts))->groupBy('part_id'));

        return array_values(($rows[$part->id] ?? collect())->all());
    }

    /** @return array<int, true> parts with an open lot, by id */
    private static function parts(): array
    {
        return RequestMemo::once('hanging parts', fn (): array => array_fill_keys(
            DB::table('batches')->where('status', 'open')->distinct()->pluck('part_id')->all(),
            true,
        ));
    }
}
