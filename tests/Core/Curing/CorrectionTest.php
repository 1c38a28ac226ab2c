<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\Correction;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class CorrectionTest extends TestCase
{
    public function test_readings_of_a_slower_oven_are_recognised_and_more_of_them_make_it_surer(): void
    {
        $load = [Loads::item(), Loads::item('sheet', 6.3, 0.8, 4, 'carbon_steel')];
        $schedule = OvenSchedule::of(20, 205, null, null, [Door::opened(0, 60)]);
        foreach ([0.8, 1.0, 1.15] as $true) {
            $run = (new Simulation(Loads::oven(), $load, $schedule, $true))->run(1800);
            $readings = array_map(fn (int $s): Reading => Reading::of(0, $s, $run->surfaceC(0, $s)), [
                420,
                660,
                900,
                1140,
            ]);
            $one = Correction::fit(Loads::oven(), $load, $schedule, array_slice($readings, 0, 1));
            $four = Correction::fit(Loads::oven(), $load, $schedule, $readings);
            self::assertEqualsWithDelta($true, $four->factor, 0.03);
            self::assertLessThan($one->sigma, $four->sigma);
            self::assertLessThan(Correction::PRIOR_SIGMA, $one->sigma);
        }
    }

    /** One reading, by hand: the posterior is where the prior's pull and the reading's pull balance. */
    public function test_the_fit_is_at_the_balance_of_prior_and_reading(): void
    {
        $load = [Loads::item()];
        $schedule = OvenSchedule::of(20, 200);
        $reading = Reading::of(0, 900, 120.0);
        $fit = Correction::fit(Loads::oven(), $load, $schedule, [$reading]);
        $cost = function (float $ln) use ($load, $schedule): float {
            $c = (new Simulation(Loads::oven(), $load, $schedule, exp($ln)))->run(900)->surfaceC(0, 900);

            return ((120.0 - $c) / 4) ** 2 + ($ln / 0.25) ** 2;
        };
        foreach ([-0.02, 0.02] as $aside) {
            self::assertGreaterThan($cost(log($fit->factor)), $cost(log($fit->factor) + $aside));
        }
    }

    public function test_no_reading_changes_nothing_and_a_wild_one_is_held_back(): void
    {
        $load = [Loads::item()];
        $schedule = OvenSchedule::of(20, 200);
        self::assertSame(1.0, Correction::fit(Loads::oven(), $load, $schedule, [])->factor);
        self::assertSame(1.0, Correction::fit(Loads::oven(), $load, $schedule, [Reading::of(0, 0, 90)])->factor);
        $wild = Correction::fit(Loads::oven(), $load, $schedule, [Reading::of(0, 900, 650)]);
        self::assertGreaterThan(1, $wild->factor);
        self::assertLessThan(10, $wild->factor);
    }
}
