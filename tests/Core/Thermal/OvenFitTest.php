<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Thermal\Cholesky;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\LoggedRun;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenCalibration;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenFit;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Segment;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Thermocouple;
use Aenum\Core\Thermal\ThermocoupleLog;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;
use Tests\Core\Logged;

/** An oven learned from loggers whose couples lag and whose clocks are off; tests/Bench/fit.php has the whole table. */
final class OvenFitTest extends TestCase
{
    /** @return list<LoadItem> */
    private static function load(int $more = 1): array
    {
        return [Loads::item('bench end', 24, 1.15, 2 * $more), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')];
    }

    /** @return list<LoggedRun> one from cold, one heavy, one with a door in mid-run */
    private static function logs(Oven $hidden, float $differ = 0.0): array
    {
        $warm = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
        $cold = OvenSchedule::of(20, 200, 20, 20, [Door::opened(0, 75)]);
        $runs = [];
        foreach ([[$cold, 1], [$warm, 4], [$warm->withDoor(Door::opened(30, 60)), 1]] as [$schedule, $more]) {
            $load = self::load($more);
            $runs[] = Logged::run($hidden, $load, Logged::own($load, $hidden, $differ), $schedule, 60);
        }

        return $runs;
    }

    public function test_it_finds_hidden_ovens_behind_lagging_couples_and_wrong_clocks(): void
    {
        mt_srand(31);
        $held = $off = [];
        for ($n = 0; $n < 4; $n++) {
            $hidden = Logged::hidden(Loads::oven());
            $fit = OvenFit::of(Loads::oven(), self::logs($hidden));
            self::assertGreaterThan(4 * $fit->residualAfterK, $fit->residualBeforeK);
            self::assertEqualsWithDelta(1.05, $fit->residualAfterK, 0.25, 'what is left is the noise');
            foreach (OvenFigure::cases() as $figure) {
                $one = $fit->figures[$figure->value];
                $true = $figure->in($hidden);
                $held[] = $true >= $one['low'] && $true <= $one['high'] ? 1 : 0;
                $off[] = abs($one['to'] / $true - 1);
                self::assertTrue($one['told']);
                self::assertEqualsWithDelta($figure->in($fit->oven), $one['to'], 1e-9);
            }
        }
        sort($off);
        self::assertLessThan(0.03, $off[(int) (0.5 * count($off))]);
        self::assertLessThan(0.15, end($off));
        self::assertGreaterThan(0.5, array_sum($held) / count($held));
        self::assertLessThan(0.95, array_sum($held) / count($held));
    }

    public function test_what_the_logs_say_nothing_of_is_said_and_stays(): void
    {
        mt_srand(5);
        $load = self::load();
        $warm = OvenSchedule::of(20, 200);
        $oven = Logged::hidden(Loads::oven());
        $run = Logged::run($oven, $load, $load, $warm, 60);
        $fit = OvenFit::of(Loads::oven(), [new LoggedRun($load, $warm, [$run->couples[1]])]);
        $door = $fit->figures['door_w_per_k'];
        self::assertFalse($door['told'], 'no door was open');
        self::assertEqualsWithDelta($door['from'], $door['to'], 1e-6 * $door['from']);
        self::assertGreaterThan(1.3, $door['high'] / $door['low']);
        self::assertStringContainsString('open door', $fit->why());
        // One log is named: that which tells most of them.
        self::assertStringEndsWith('tell most: a start from cold, logged from the first minute.', $fit->why());
        self::assertStringContainsString('narrowed every figure', OvenFit::of(Loads::oven(), self::logs($oven))->why());
    }

    public function test_a_figure_that_is_nothing_stays_nothing(): void
    {
        mt_srand(8);
        $oven = Loads::oven()->times([1, 1, 1, 1, 0, 1, 1, 1]);
        $fit = OvenFit::of($oven, self::logs(Logged::hidden($oven)));
        self::assertSame(0.0, $fit->figures['vent_w_per_k']['to']);
        self::assertFalse($fit->figures['vent_w_per_k']['told']);
    }

    public function test_slopes_are_what_a_nudged_run_gives(): void
    {
        $load = self::load();
        $schedule = OvenSchedule::of(20, 200, 20, 20, [Door::opened(0, 75)]);
        $simulation = new Simulation(Loads::oven(), $load, $schedule, 1.0, 1e-5);
        $run = $simulation->run(2400);
        $along = $simulation->along($run->steps);
        self::assertEqualsWithDelta($run->steps[count($run->steps) - 1]->to[4], end($along)->to[4], 1e-9);
        $more = Loads::oven()->times([1, 1, 1, 1.002, 1, 1, 1, 1]);
        $near = (new Simulation($more, $load, $schedule))->along($run->steps);
        $exact = (new Simulation($more, $load, $schedule, 1.0, 1e-5))->run(2400);
        self::assertEqualsWithDelta($exact->coreC(1, 2400), end($near)->to[4], 1e-3);
    }

    public function test_a_couple_lags_as_a_first_order_does(): void
    {
        $ramp = [Segment::straight(0, 100, 20, 120), Segment::straight(100, 100.1, 120, 120),
            Segment::straight(100.1, 400, 120, 120)];
        [$before, $at, $settled, $after] = Thermocouple::reads($ramp, 20, [-5.0, 60.0, 100.0, 160.1]);
        self::assertSame(20.0, $before);
        // Behind a ramp of 1 K/s: T − τ(1 − e^{−t/τ}).
        self::assertEqualsWithDelta(80 - 20 * (1 - exp(-3)), $at, 1e-9);
        self::assertEqualsWithDelta(120 - 20 * (1 - exp(-5)), $settled, 1e-9);
        self::assertEqualsWithDelta(120 - 20 * (1 - exp(-5)) * exp(-60.1 / 20), $after, 1e-3);
        // A cubic against small steps of Euler's.
        $cubic = [new Segment(0, 30, 20, 90, 0.5, 4.0)];
        $y = 20.0;
        for ($n = 0; $n < 30000; $n++) {
            $y += ($cubic[0]->at($n / 1000 + 0.0005) - $y) / 12 / 1000;
        }
        self::assertEqualsWithDelta($y, Thermocouple::reads($cubic, 12, [30.0])[0], 1e-2);
    }

    public function test_samples_close_together_are_averaged_and_many_thinned(): void
    {
        $log = ThermocoupleLog::of(0, array_map(fn (int $s): array => [(float) $s, 2.0 * $s], range(0, 99)));
        self::assertCount(10, $log->seconds);
        self::assertSame(4.5, $log->seconds[0]);
        self::assertSame(9.0, $log->celsius[0]);
        $long = ThermocoupleLog::of(0, array_map(fn (int $n): array => [20.0 * $n, 1.0], range(0, 1300)));
        self::assertLessThanOrEqual(600, count($long->seconds));
        self::assertGreaterThan(300, count($long->seconds));
    }

    public function test_a_taught_oven_needs_a_narrower_band_than_one_nobody_knows(): void
    {
        mt_srand(77);
        $hidden = Logged::hidden(Loads::oven());
        $fit = OvenFit::of(Loads::oven(), self::logs($hidden));
        $load = self::load();
        $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
        $aims = array_fill(0, 2, CureTarget::fullCure(Loads::sheet([[180, 18, null], [200, 8, null]])));
        $c = (new Simulation($hidden, $load, $schedule))->run(1200)->surfaceC(0, 1200);
        $facts = [$load, $aims, $schedule, BakeRules::of(), [Reading::of(0, 1200, $c)], []];
        $wide = PullEnsemble::of($fit->oven, ...$facts);
        $narrow = PullEnsemble::of($fit->oven, ...$facts, lesson: $fit->lesson);
        self::assertLessThan(
            0.7 * ($wide->highMinutes - $wide->lowMinutes),
            $narrow->highMinutes - $narrow->lowMinutes,
        );
        self::assertEquals($narrow, PullEnsemble::of($fit->oven, ...$facts, lesson: $fit->lesson));
        $kept = OvenCalibration::from(json_decode((string) json_encode($fit->lesson->kept()), true));
        self::assertEquals($fit->lesson, $kept);
        self::assertLessThan(0.05, $kept->share(OvenFigure::Convection));
    }

    /** A taught oven's band is told to hold the true pull two times in three. */
    public function test_the_band_of_a_taught_oven_holds_the_true_pull(): void
    {
        mt_srand(78);
        $load = self::load();
        $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
        $aims = array_fill(0, 2, CureTarget::fullCure(Loads::sheet([[180, 18, null], [200, 8, null]])));
        $held = 0;
        for ($n = 0; $n < 6; $n++) {
            $hidden = Logged::hidden(Loads::oven());
            $fit = OvenFit::of(Loads::oven(), self::logs($hidden));
            $tape = new RecordedRun(new Simulation($hidden, $load, $schedule), 36000);
            $pull = (new AttemptRun($tape, $load, $aims, $schedule, BakeRules::of()))->follow()->pullS / 60;
            $read = [Reading::of(0, 1200, $tape->until(1200, $load)->surfaceC(0, 1200) + 3 * (mt_rand(0, 2) - 1))];
            $told = PullEnsemble::of($fit->oven, $load, $aims, $schedule, BakeRules::of(), $read, lesson: $fit->lesson);
            $held += $pull >= $told->lowMinutes && $pull <= $told->highMinutes ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(3, $held);
    }

    public function test_parts_differ_by_what_was_seen_and_never_by_nothing(): void
    {
        $sure = array_map(
            fn (int $i): array => array_map(fn (int $j): float => $i === $j ? 0.01 : 0.0, range(0, 7)),
            range(0, 7),
        );
        $z = array_fill(0, 9, 1.0);
        $own = fn (float $differ): float => (new OvenCalibration($sure, $differ))->member($z)[8];
        self::assertEqualsWithDelta(0.09, $own(0.01), 1e-12);
        self::assertEqualsWithDelta(0.3, $own(0.3), 1e-12);
        self::assertEqualsWithDelta(0.1, (new OvenCalibration($sure, 0.1))->member(array_fill(0, 8, 1.0))[0], 1e-12);
    }

    public function test_what_is_no_lesson_is_none(): void
    {
        $rows = array_fill(0, 8, array_fill(0, 8, 0.0));
        self::assertNotNull(OvenCalibration::from(['covariance' => $rows, 'kinds_differ' => 0.1]));
        $wrong = [null, 'x', [], ['covariance' => [[1]], 'kinds_differ' => 0.1], ['covariance' => $rows],
            ['covariance' => [...array_slice($rows, 1), ['a', 2, 3, 4, 5, 6, 7, 8]], 'kinds_differ' => 0.1]];
        foreach ($wrong as $kept) {
            self::assertNull(OvenCalibration::from($kept));
        }
    }

    public function test_too_little_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('at least 8');
        OvenFit::of(Loads::oven(), [
            new LoggedRun([], OvenSchedule::of(20, 200), [ThermocoupleLog::of(ThermocoupleLog::AIR, [[60.0, 50.0]])]),
        ]);
    }

    public function test_a_symmetric_matrix_is_solved_inverted_and_scattered_as(): void
    {
        $m = [[4.0, 2.0, 0.4], [2.0, 3.0, 0.5], [0.4, 0.5, 2.0]];
        $of = Cholesky::of($m);
        self::assertEqualsWithDelta([1.0, -2.0, 3.0], $of->solve([1.2, -2.5, 5.4]), 1e-12);
        self::assertEqualsWithDelta([1.0, 0.0, 0.0], array_map(
            fn (array $row): float => array_sum(array_map(fn ($a, $b) => $a * $b, $row, $of->inverse(0))),
            $m,
        ), 1e-12);
        [$a, $b, $c] = array_map($of->scatter(...), [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]);
        self::assertEqualsWithDelta(2.0, $a[0] * $a[1] + $b[0] * $b[1] + $c[0] * $c[1], 1e-12);
    }
}
