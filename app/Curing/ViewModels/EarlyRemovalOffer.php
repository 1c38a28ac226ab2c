<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Curing\EarlyRemoval;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Queries\LoadedItem;

/** Offers to take some parts out of one load early instead of splitting it. */
final readonly class EarlyRemovalOffer
{
    /** @param  list<array{name: string, minutes: float}>  $out  minutes after the door shut, the first first */
    private function __construct(public float $setpointC, public float $minutes, public array $out)
    {
    }

    /**
     * Null where no such bake serves.
     *
     * @param  list<array{items: list<int>, names: list<string>, minutes: ?float, setpointC: ?float,
     *     why: string}>  $split
     */
    public static function proposal(BakeViewModel $board, array $split): ?self
    {
        $load = $board->load;
        $found = EarlyRemoval::find(
            $load->oven,
            $load->items(),
            $load->aims(),
            array_map(fn (LoadedItem $hung): int => $hung->bakeItem->id, $load->hung),
            $load->schedule(),
            $load->rules(),
            array_values(array_filter([$load->bake->setpoint_c, ...array_column($split, 'setpointC')])),
        );
        if ($found === null) {
            return null;
        }
        $items = $load->bake->items->keyBy('id');
        $out = [];
        foreach ($found->outMinutes as $id => $minute) {
            $item = $items->get($id);
            $name = $item instanceof OvenLoadItem ? $item->part->name : 'part';
            $out[] = ['name' => $name, 'minutes' => $board->sinceShut($minute)];
        }

        return new self($found->setpointC, $board->sinceShut($found->minutes), $out);
    }
}
