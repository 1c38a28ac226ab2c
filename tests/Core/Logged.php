<?php

declare(strict_types=1);

namespace Tests\Core;

use Aenum\Core\Thermal\HeatBalance;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\LoggedRun;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Thermocouple;
use Aenum\Core\Thermal\ThermocoupleLog;

/** Hidden ovens, and loggers that went through them with couples and clocks as real ones are. */
final class Logged
{
    public static function uniform(float $from, float $to): float
    {
        return $from + ($to - $from) * mt_rand() / mt_getrandmax();
    }

    public static function normal(float $sigma): float
    {
        return $sigma * sqrt(-2 * log(max(1e-12, self::uniform(0, 1)))) * cos(2 * M_PI * self::uniform(0, 1));
    }

    /** An oven whose eight figures are all 20 to 40 % off. */
    public static function hidden(Oven $model): Oven
    {
        return $model->times(array_map(
            fn (): float => 1 + (mt_rand(0, 1) === 1 ? 1 : -1) * self::uniform(0.2, 0.4),
            OvenFigure::cases(),
        ));
    }

    /**
     * @param  list<LoadItem>  $load
     * @return list<LoadItem> the same things, each in its own stream of air
     */
    public static function own(array $load, Oven $oven, float $differ): array
    {
        return array_map(fn (LoadItem $item): LoadItem => $differ === 0.0
            ? $item
            : $item->withConvection($oven->convectionWPerM2K * exp(self::normal($differ))), $load);
    }

    /**
     * What a couple in the air and one in each thing show, every 20 s from the minute before the door shut.
     *
     * @param  list<LoadItem>  $load  as the fit knows it
     * @param  list<LoadItem>  $truth  as it is
     */
    public static function run(
        Oven $hidden,
        array $load,
        array $truth,
        OvenSchedule $schedule,
        int $minutes,
        float $noiseK = 1.0,
        float $offsetK = 0.5,
    ): LoggedRun {
        $run = (new Simulation($hidden, $truth, $schedule, 1.0, 0.001))->run(60 * $minutes + 60);
        $shift = self::uniform(-15, 15);
        $couples = [];
        foreach ([ThermocoupleLog::AIR, ...array_keys($load)] as $item) {
            $node = $item === ThermocoupleLog::AIR ? 0 : HeatBalance::ITEMS + $item;
            $seconds = array_map(floatval(...), range(15, 60 * $minutes, 20));
            $shown = Thermocouple::reads(
                array_map(fn ($step) => $step->course($node), $run->steps),
                self::uniform(5, 45),
                array_map(fn (float $s): float => $s + $shift, $seconds),
            );
            $off = self::normal($offsetK);
            $couples[] = ThermocoupleLog::of($item, array_map(
                fn (float $s, float $c): array => [$s, $c + $off + self::normal($noiseK)],
                $seconds,
                $shown,
            ));
        }

        return new LoggedRun($load, $schedule, $couples);
    }
}
