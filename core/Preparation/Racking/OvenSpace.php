<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Racking;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** Whether what is to hang in an oven has room in it, and whether its rail carries it. */
final class OvenSpace
{
    /** Air is to pass between racks and along the walls, mm. House figure. */
    public const CLEARANCE_MM = 50.0;

    /**
     * What speaks against a load, by footprint and weight.
     *
     * Racks stand in any order, so the sum of their footprints is the least they take: what is refused cannot be
     * made to fit; what is let pass may still have to be tried.
     *
     * @param  array{float, float, float}|null  $roomMm  inside: width, height, depth; null where nobody has measured
     * @param  float|null  $mostKg  what the oven's rail carries; null where nobody knows
     * @param  list<array{rack: Rack|null, pieces: int, kg: float}>  $hung  kg of all its pieces
     */
    public static function against(?array $roomMm, ?float $mostKg, array $hung): ?Message
    {
        $kg = array_sum(array_column($hung, 'kg'));
        if ($mostKg !== null && $kg > $mostKg) {
            return Message::of('it would weigh {kg}; the rail carries {most}', [
                'kg' => Quantity::kg($kg),
                'most' => Quantity::kg($mostKg),
            ]);
        }
        if ($roomMm === null) {
            return null;
        }
        [$wide, , $deep] = $roomMm;
        $taken = 0.0;
        foreach ($hung as $one) {
            if ($one['rack'] !== null && ! $one['rack']->fitsIn($roomMm)) {
                return Message::of('a rack is {rack}, the oven is {oven}; hang fewer pieces on it, or closer', [
                    'rack' => Quantity::sides(...array_map(round(...), $one['rack']->boxMm())),
                    'oven' => Quantity::sides(...$roomMm),
                ]);
            }
            $taken += $one['rack'] === null ? 0.0 : self::footprintMm2($one['rack'], $one['pieces']);
        }

        return $taken > $wide * $deep
            ? Message::of('its racks need {needed} % of the floor there is; hang fewer pieces', [
                'needed' => (string) round((100 * $taken) / ($wide * $deep)),
            ])
            : null;
    }

    /** Floor the racks of so many pieces take, with air between them, mm2. */
    public static function footprintMm2(Rack $rack, int $pieces): float
    {
        [$length, , $across] = $rack->boxMm();

        return $rack->racksFor($pieces) * ($length + self::CLEARANCE_MM) * ($across + self::CLEARANCE_MM);
    }
}
