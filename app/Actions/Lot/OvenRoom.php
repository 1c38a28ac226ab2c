<?php

declare(strict_types=1);

namespace App\Actions\Lot;

use Aenum\Core\Hang\OvenSpace;
use Aenum\Core\Hang\Rack;
use App\Models\Lot;
use App\Models\Oven;
use App\Models\Shop;
use App\Support\Units;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Whether a load fits an oven: room for the racks, on a rail that carries them. A busy oven is planned for too. */
final class OvenRoom
{
    /**
     * @param  Collection<int, Lot>  $lots
     * @param  array<int, int>  $counts  pieces by lot id
     *
     * @throws ValidationException naming what speaks against it
     */
    public static function orRefuse(Oven $oven, Collection $lots, array $counts): void
    {
        self::weighed($lots);
        $hung = $lots->map(fn (Lot $lot): array => [
            'rack' => $lot->part->rack === null
                ? null
                : Rack::of($lot->part->rack->setting(), (float) $lot->part->mass_kg),
            'pieces' => $counts[$lot->id],
            'kg' => $counts[$lot->id] * $lot->part->mass_kg,
        ]);
        $against = OvenSpace::against($oven->roomMm(), Shop::current()->rail_kg, array_values($hung->all()));
        if ($against !== null) {
            throw ValidationException::withMessages([
                'load' => "{$oven->name} does not take this load: ".Units::current()->said($against).'.',
            ]);
        }
    }

    /**
     * Nothing is baked by a guess.
     *
     * @param  Collection<int, Lot>  $lots
     *
     * @throws ValidationException
     */
    private static function weighed(Collection $lots): void
    {
        $not = $lots->first(fn (Lot $lot): bool => ! $lot->part->isWeighed());
        if ($not !== null) {
            $why = ucfirst($not->partName()).' is not weighed, or its area is not known; write both down on the part '
                .'or its bench first. No bake is worked out from a guess.';
            throw ValidationException::withMessages(['load' => $why]);
        }
    }
}
