<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** How long a part takes to get hot in an oven that is hot already: the wait before a hold begins. */
final class HeatUp
{
    /** An oven is set this much over what the metal is to reach, or it never quite gets there, K. House figure. */
    public const OVER_K = 15.0;

    /** The core is at temperature when it is this close, K. */
    private const CLOSE_K = 1.0;

    /** Nobody waits longer, s. */
    private const LONGEST_S = 6 * 3600.0;

    /** What hangs in one load of a small oven, kg: more go in turns, each of which waits as long. House figure. */
    private const LOAD_KG = 150.0;

    /** How long the door stands open on a load, s. House figure. */
    private const DOOR_S = 60.0;

    /**
     * What the oven takes in to bring all of them to a temperature and hold it, load after load, kWh; the oven is hot
     * already.
     *
     * @param  LoadItem  $item  as for minutes, however many
     * @return float|null null where this oven does not get it there
     */
    public static function energyKwh(
        Oven $oven,
        LoadItem $item,
        float $celsius,
        float $holdMinutes,
        float $ambientC,
    ): ?float {
        $setpoint = min($oven->maxC ?? INF, $celsius + self::OVER_K);
        $fits = self::piecesInALoad($item);
        $kwh = 0.0;
        foreach ([[intdiv($item->count, $fits), $fits], [1, $item->count % $fits]] as [$loads, $pieces]) {
            if ($loads === 0 || $pieces === 0) {
                continue;
            }
            $hung = $item->withCount($pieces);
            $heatUp = self::minutes($oven, $hung, $celsius, $ambientC);
            if ($heatUp === null) {
                return null;
            }
            $schedule = OvenSchedule::of($ambientC, $setpoint, null, null, [Door::opened(0, self::DOOR_S)]);
            $end = 60 * ($heatUp + $holdMinutes) + self::DOOR_S;
            $kwh += $loads * (new Simulation($oven, [$hung], $schedule))->run($end)->energyKwh($end);
        }

        return $kwh;
    }

    /** How many of an item one load of a small oven takes, at least 1. */
    public static function piecesInALoad(LoadItem $item): int
    {
        return max(1, (int) floor(self::LOAD_KG / $item->massKg));
    }

    /**
     * Minutes from the door's shutting until the core is at a temperature.
     *
     * @param  LoadItem  $item  one piece of what hangs there, and how many of it; no more than a load of them
     * @param  float  $celsius  part metal
     * @param  float  $ambientC  the shop
     * @return float|null null where this oven does not get it there within six hours
     */
    public static function minutes(Oven $oven, LoadItem $item, float $celsius, float $ambientC): ?float
    {
        $setpoint = min($oven->maxC ?? INF, $celsius + self::OVER_K);
        if ($setpoint < $celsius) {
            return null;
        }
        $fits = self::piecesInALoad($item);
        $simulation = new Simulation(
            $oven,
            [$item->withCount(min($item->count, $fits))],
            OvenSchedule::of($ambientC, $setpoint),
        );
        $balance = $simulation->balance();
        foreach ($simulation->stepsOf($balance, self::LONGEST_S) as $step) {
            $crossing = $step->course($balance->coreOf(0))->crossing($celsius - self::CLOSE_K);
            if ($crossing !== null) {
                return $crossing / 60;
            }
        }

        return null;
    }
}
