<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\InvalidInput;

/** A part hanging in still air: the item equation with h = 8 W/(m²·K), ε = 0.9 and F = 1. */
final class Cooling
{
    public const HANDLE_C = 45.0;

    public const TAPE_C = 35.0;

    /** What people are told is longer than computed by this factor, until still air is modeled better. House figure. */
    public const TOLD_FACTOR = 1.25;

    /** In a hot shop a part is as cool as it gets this much over the air, K. House figure. */
    private const OVER_AIR_K = 5.0;

    /** Free convection of a part in the shop's still air, W/(m²·K). House figure. */
    public const STILL_AIR_W_PER_M2K = 8.0;

    /** Of a coated surface. */
    public const EMISSIVITY = 0.9;

    private const LONGEST_S = 7 * 86400.0;

    /** Cool enough to be touched in air of a temperature, °C. */
    public static function handleC(float $ambientC): float
    {
        return max(self::HANDLE_C, $ambientC + self::OVER_AIR_K);
    }

    /**
     * Returns the minutes people are told until a piece is down to a temperature: a quarter more than computed.
     *
     * @throws InvalidInput where the room is not cooler than the target
     */
    public static function toldMinutes(LoadItem $item, float $startC, float $ambientC, float $targetC): float
    {
        return self::TOLD_FACTOR * self::minutes($item, $startC, $ambientC, $targetC);
    }

    /** Returns how hot a piece is told to be after some seconds, °C: as on the slower curve people are told. */
    public static function toldC(LoadItem $item, float $startC, float $ambientC, float $seconds): float
    {
        $slower = $seconds / self::TOLD_FACTOR;

        return self::curve($item, $startC, $ambientC, $slower)->coreC(0, $slower);
    }

    /** The curve of one piece from its start temperature, for so many seconds. */
    public static function curve(LoadItem $item, float $startC, float $ambientC, float $seconds): Trajectory
    {
        return (new Simulation(
            self::stillAir(),
            [self::hung($item, $startC)],
            OvenSchedule::of($ambientC, $ambientC, $ambientC, $ambientC),
        ))->run($seconds);
    }

    /**
     * Minutes until the whole piece, core included, is down to a temperature; 0 if it already is.
     *
     * @throws InvalidInput where the room is not cooler than the target
     */
    public static function minutes(LoadItem $item, float $startC, float $ambientC, float $targetC): float
    {
        if ($startC <= $targetC) {
            return 0.0;
        }
        if ($targetC <= $ambientC) {
            throw InvalidInput::outside('target_c', $targetC, "above ambient_c, {$ambientC}");
        }
        $simulation = new Simulation(
            self::stillAir(),
            [self::hung($item, $startC)],
            OvenSchedule::of($ambientC, $ambientC, $ambientC, $ambientC),
        );
        $balance = $simulation->balance();
        foreach ($simulation->stepsOf($balance, self::LONGEST_S) as $step) {
            $crossing = $step->course($balance->coreOf(0))->crossing($targetC);
            if ($crossing !== null) {
                return $crossing / 60;
            }
        }

        throw InvalidInput::outside('target_c', $targetC, 'a temperature reached within a week');
    }

    private static function hung(LoadItem $item, float $startC): LoadItem
    {
        return LoadItem::of(
            $item->name,
            1,
            $item->metal,
            $item->massKg,
            $item->areaM2,
            self::EMISSIVITY,
            1.0,
            self::STILL_AIR_W_PER_M2K,
            $item->slab,
            $startC,
        );
    }

    /** A room so large that the part does not warm it. */
    private static function stillAir(): Oven
    {
        return Oven::of(0, 5, 1e12, 1e12, 0, 0, 0, 0, self::STILL_AIR_W_PER_M2K);
    }
}
