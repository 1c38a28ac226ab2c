<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Segment;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** What switches during a run, and the pieces a curve is made of. */
final class OvenScheduleTest extends TestCase
{
    public function test_doors_setpoints_and_power_hold_from_their_moment_on(): void
    {
        $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 60), Door::opened(10, 30)])
            ->withSetpointFrom(900, 220)
            ->withSetpointFrom(1200, 190)
            ->withOutage(1500, 1800);
        self::assertTrue($schedule->doorOpenAt(0));
        self::assertTrue($schedule->doorOpenAt(59.9));
        self::assertFalse($schedule->doorOpenAt(60));
        self::assertTrue($schedule->doorOpenAt(615));
        self::assertSame(
            [200.0, 220.0, 220.0, 190.0],
            array_map($schedule->setpointAt(...), [899.9, 900.0, 1199.0, 5000.0]),
        );
        self::assertSame(
            [true, false, false, true],
            array_map($schedule->poweredAt(...), [1499.0, 1500.0, 1799.0, 1800.0]),
        );
        self::assertSame([60.0, 600.0, 630.0, 900.0, 1200.0, 1500.0, 1800.0], $schedule->switchTimes(2000));
        self::assertSame([60.0, 600.0], $schedule->switchTimes(610));
    }

    public function test_two_doors_at_once_let_out_no_more_than_one(): void
    {
        $one = OvenSchedule::of(20, 200, null, null, [Door::opened(5, 60)]);
        $two = $one->withDoor(Door::opened(5, 60));
        $run = fn (OvenSchedule $c): float => (new Simulation(Loads::oven(), [Loads::item()], $c))
            ->run(600)
            ->airC(360);
        self::assertEqualsWithDelta($run($one), $run($two), 1e-9);
    }

    public function test_an_oven_hotter_than_its_setpoint_does_not_heat(): void
    {
        $run = (new Simulation(Loads::oven(), [], OvenSchedule::of(20, 150, 200, 200)))->run(300);
        self::assertSame(0.0, round($run->energyKwh(60), 6));
        self::assertLessThan(200, $run->airC(300));
        self::assertGreaterThan(140, $run->airC(300));
    }

    public function test_temperatures_out_of_range_are_refused(): void
    {
        foreach (
            [
                fn () => OvenSchedule::of(-41, 200),
                fn () => OvenSchedule::of(20, 701),
                fn () => OvenSchedule::of(20, 200, 701),
                fn () => Door::opened(-1, 5),
                fn () => Door::opened(0, -5),
                fn () => OvenSchedule::of(20, 200)->withSetpointFrom(5, 999),
            ] as $bad
        ) {
            try {
                $bad();
                self::fail('taken');
            } catch (InvalidInput) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_a_piece_of_a_curve_has_its_ends_its_slopes_and_its_crossing(): void
    {
        // T = 20 + t²/10 over ten seconds is a cubic with a zero third term: the piece must be it exactly.
        $piece = new Segment(0, 10, 20, 30, 0, 2);
        foreach ([0, 2.5, 5, 9] as $t) {
            self::assertEqualsWithDelta(20 + $t ** 2 / 10, $piece->at($t), 1e-9);
            self::assertEqualsWithDelta($t / 5, $piece->slopeAt($t), 1e-9);
        }
        self::assertEqualsWithDelta(sqrt(50), (float) $piece->crossing(25), 1e-3);
        self::assertNull($piece->crossing(31));
        self::assertEqualsWithDelta([sqrt(50), 10], $piece->above(25) ?? [], 1e-3);
        self::assertNull($piece->above(40));
        $early = $piece->until(5);
        self::assertSame(5.0, $early->toS);
        self::assertEqualsWithDelta(22.5, $early->toC, 1e-9);
        self::assertEqualsWithDelta(21.6, $early->at(4), 1e-9);
        self::assertSame($piece, $piece->until(12));
    }

    public function test_a_tape_is_run_once_for_all_its_readers(): void
    {
        $schedule = OvenSchedule::of(20, 200);
        $tape = new RecordedRun(new Simulation(Loads::oven(), [Loads::item()], $schedule), 3600);
        $first = iterator_to_array($tape, false);
        self::assertSame($first, iterator_to_array($tape, false));
        $partly = new RecordedRun(new Simulation(Loads::oven(), [Loads::item()], $schedule), 3600);
        $short = $partly->until(600, [Loads::item()]);
        self::assertGreaterThanOrEqual(600, $short->endS());
        self::assertLessThan(count($first), count($short->steps));
        self::assertEqualsWithDelta(
            (new Simulation(Loads::oven(), [Loads::item()], $schedule))->run(3600)->coreC(0, 600),
            $short->coreC(0, 600),
            0.02,
        );
    }
}
