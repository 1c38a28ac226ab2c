<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use App\Accounts\Models\User;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeModelFactory;
use App\Platform\Errors\Refused;
use Illuminate\Support\Facades\DB;

/** Splits a planned load that no single setpoint cures into separate loads. */
final class SplitBake
{
    /**
     * The proposal: groups of bake items, slowest first, with the bake each would get.
     *
     * @return list<array{items: list<int>, names: list<string>, minutes: ?float, setpointC: ?float, why: string}>
     */
    public static function proposal(BakeModelFactory $load): array
    {
        $groups = [];
        $placed = [];
        foreach ($load->split()->bakes() as $bake) {
            // Sections of one part cannot be parted: the part goes where its first section went.
            $items = [];
            foreach ($bake->items as $i) {
                $id = $load->hung[$i]->bakeItem->id;
                if (! isset($placed[$id])) {
                    $placed[$id] = true;
                    $items[$id] = $load->hung[$i]->bakeItem->part->name;
                }
            }
            if ($items !== []) {
                $groups[] = [
                    'items' => array_keys($items),
                    'names' => array_values($items),
                    'minutes' => $bake->plan->minutes === null
                        ? null
                        : $bake->plan->minutes - $load->bake->door_open_s / 60,
                    'setpointC' => $bake->plan->setpointC,
                    'why' => $bake->plan->why,
                ];
            }
        }

        return $groups;
    }

    /**
     * @return list<OvenLoad> the bakes there are now, the first of them the one that was parted
     *
     * @throws Refused
     */
    public function __invoke(OvenLoad $bake, User $by): array
    {
        return DB::transaction(function () use ($bake, $by): array {
            $held = OvenLoad::findLocked($bake->id);
            if (! $held->isPlanned()) {
                throw Refused::because([
                    'load' => 'Only a bake that has not started can be parted.',
                ]);
            }
            $groups = self::proposal(BakeModelFactory::from($held));
            if (count($groups) < 2) {
                throw Refused::because([
                    'load' => 'There is nothing to part: one load is all it takes.',
                ]);
            }
            $bakes = [];
            foreach ($groups as $n => $group) {
                $one =
                    $n === 0
                        ? $held
                        : OvenLoad::query()->create(
                            ['created_by' => $by->id] +
                                $held->only([
                                    'kind',
                                    'oven_id',
                                    'status',
                                    'setpoint_c',
                                    'minutes',
                                    'door_open_s',
                                    'ambient_c',
                                    'start_c',
                                    'way',
                                    'margin',
                                    'overbake_limit',
                                ]),
                        );
                $held
                    ->items()
                    ->whereKey($group['items'])
                    ->update(['oven_load_id' => $one->id]);
                $bakes[] = $one;
            }
            foreach ($bakes as $one) {
                (new LoadCure())->setBest($one);
            }

            return $bakes;
        });
    }
}
