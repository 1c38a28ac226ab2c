<?php

declare(strict_types=1);

namespace Tests\Core\Cure;

use Aenum\Core\Cure\Aim;
use Aenum\Core\Cure\AttemptRun;
use Aenum\Core\Cure\BakeRules;
use Aenum\Core\Cure\Chemistry;
use Aenum\Core\Cure\ClockWay;
use Aenum\Core\Cure\CureRow;
use Aenum\Core\Cure\CureSheet;
use Aenum\Core\Cure\Outcome;
use Aenum\Core\Heat\OvenSchedule;
use Aenum\Core\Heat\RecordedRun;
use Aenum\Core\Heat\Simulation;
use Aenum\Core\Unit\InvalidQuantity;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** The two habits of the clock: from the door, and from when it is seen to have flowed. */
final class ClockWayTest extends TestCase
{
    /** @param  array{float, float}|null  $door */
    private static function sheet(?array $door = null): CureSheet
    {
        return CureSheet::of(
            Chemistry::Polyester,
            [CureRow::of(180, 18), CureRow::of(200, 8)],
            null,
            120,
            3,
            $door,
        );
    }

    private static function pull(BakeRules $rules, ?CureSheet $sheet = null): float
    {
        $load = [Loads::item()];
        $schedule = OvenSchedule::of(20, 200);
        $tape = new RecordedRun(new Simulation(Loads::oven(), $load, $schedule), 36000);
        $aims = [Aim::fullCure($sheet ?? self::sheet())];
        $attempt = (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow();
        self::assertNotSame(Outcome::NeverDone, $attempt->outcome);

        return $attempt->pullS / 60;
    }

    public function test_from_seen_to_have_flowed_the_sheets_minutes_run(): void
    {
        $rules = BakeRules::of(ClockWay::Flowed, 0.0, 10);
        $run = (new Simulation(Loads::oven(), [Loads::item()], OvenSchedule::of(20, 200)))->run(3600);
        $flows = null;
        foreach ($run->coreCourse(0) as $piece) {
            $flows ??= $piece->crossing(120);
        }
        // By its sheet it has flowed three minutes after its core is at 120 °C; then 8 min at 200 °C.
        self::assertEqualsWithDelta($flows / 60 + 3 + 8, self::pull($rules), 0.05);
        // Seen by eye it counts from there, whatever the sheet would say.
        self::assertEqualsWithDelta(25 + 8, self::pull($rules->flowedAt(25 * 60)), 0.05);
        self::assertSame(1500.0, $rules->flowedAt(1500)->counting(ClockWay::Flowed)->flowedS);
    }

    public function test_what_never_flows_is_never_done(): void
    {
        $load = [Loads::item()];
        $aims = [Aim::fullCure(self::sheet())];
        $outcome = function (float $setpoint, ?float $seen = null) use ($load, $aims): Outcome {
            $schedule = OvenSchedule::of(20, $setpoint);
            $tape = new RecordedRun(new Simulation(Loads::oven(), $load, $schedule), 36000);
            $rules = BakeRules::of(ClockWay::Flowed, 0.0, 10)->flowedAt($seen);

            return (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow()->outcome;
        };
        self::assertSame(Outcome::NeverDone, $outcome(118));
        self::assertNotSame(Outcome::NeverDone, $outcome(150));
        self::assertNotSame(Outcome::NeverDone, $outcome(118, 600), 'what an eye has seen has flowed');
    }

    public function test_a_timed_row_counts_from_the_door_and_only_there(): void
    {
        $timed = BakeRules::of(ClockWay::Timed, 0.0, 10);
        self::assertEqualsWithDelta(8, self::pull($timed), 0.05);
        $sheet = self::sheet([200, 26]);
        self::assertEqualsWithDelta(26, self::pull($timed, $sheet), 0.05);
        self::assertEqualsWithDelta(26, $sheet->clockMinutes(ClockWay::Timed, 200), 1e-9);
        self::assertGreaterThan(26, $sheet->clockMinutes(ClockWay::Timed, 190));
        self::assertSame(26.0, $sheet->clockMinutes(ClockWay::Timed, 201), 'as printed, not shortened');
        self::assertSame(26.0, $sheet->clockMinutes(ClockWay::Timed, 230), 'however hot the oven');
        self::assertEqualsWithDelta(8, $sheet->clockMinutes(ClockWay::Flowed, 200), 1e-9);
        $window = BakeRules::of(ClockWay::Window, 0.0, 10);
        self::assertEqualsWithDelta(self::pull($window), self::pull($window, $sheet), 1e-9);
        $this->expectException(InvalidQuantity::class);
        self::sheet([200, 0]);
    }
}
