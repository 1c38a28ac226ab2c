<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\Outcome;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** The two habits of the clock: from the door, and from when it is seen to have flowed. */
final class TimingCriterionTest extends TestCase
{
    /** @param  array{float, float}|null  $door */
    private static function sheet(?array $door = null): CureSheet
    {
        return CureSheet::of(
            Chemistry::Polyester,
            [CureScheduleRow::of(180, 18), CureScheduleRow::of(200, 8)],
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
        $aims = [CureTarget::fullCure($sheet ?? self::sheet())];
        $attempt = (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow();
        self::assertNotSame(Outcome::NeverDone, $attempt->outcome);

        return $attempt->pullS / 60;
    }

    public function test_from_seen_to_have_flowed_the_sheets_minutes_run(): void
    {
        $rules = BakeRules::of(TimingCriterion::Flowed, 0.0, 10);
        $run = (new Simulation(Loads::oven(), [Loads::item()], OvenSchedule::of(20, 200)))->run(3600);
        $flows = null;
        foreach ($run->coreCourse(0) as $piece) {
            $flows ??= $piece->crossing(120);
        }
        // By its sheet it has flowed three minutes after its core is at 120 °C; then 8 min at 200 °C.
        self::assertEqualsWithDelta($flows / 60 + 3 + 8, self::pull($rules), 0.05);
        // Seen by eye it counts from there, whatever the sheet would say.
        self::assertEqualsWithDelta(25 + 8, self::pull($rules->flowedAt(25 * 60)), 0.05);
        self::assertSame(1500.0, $rules->flowedAt(1500)->counting(TimingCriterion::Flowed)->flowedS);
    }

    public function test_what_never_flows_is_never_done(): void
    {
        $load = [Loads::item()];
        $aims = [CureTarget::fullCure(self::sheet())];
        $outcome = function (float $setpoint, ?float $seen = null) use ($load, $aims): Outcome {
            $schedule = OvenSchedule::of(20, $setpoint);
            $tape = new RecordedRun(new Simulation(Loads::oven(), $load, $schedule), 36000);
            $rules = BakeRules::of(TimingCriterion::Flowed, 0.0, 10)->flowedAt($seen);

            return (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow()->outcome;
        };
        self::assertSame(Outcome::NeverDone, $outcome(118));
        self::assertNotSame(Outcome::NeverDone, $outcome(150));
        self::assertNotSame(Outcome::NeverDone, $outcome(118, 600), 'what an eye has seen has flowed');
    }

    public function test_a_timed_row_counts_from_the_door_and_only_there(): void
    {
        $timed = BakeRules::of(TimingCriterion::Timed, 0.0, 10);
        self::assertEqualsWithDelta(8, self::pull($timed), 0.05);
        $sheet = self::sheet([200, 26]);
        self::assertEqualsWithDelta(26, self::pull($timed, $sheet), 0.05);
        self::assertEqualsWithDelta(26, $sheet->clockMinutes(TimingCriterion::Timed, 200), 1e-9);
        self::assertGreaterThan(26, $sheet->clockMinutes(TimingCriterion::Timed, 190));
        self::assertSame(26.0, $sheet->clockMinutes(TimingCriterion::Timed, 201), 'as printed, not shortened');
        self::assertSame(26.0, $sheet->clockMinutes(TimingCriterion::Timed, 230), 'however hot the oven');
        self::assertEqualsWithDelta(8, $sheet->clockMinutes(TimingCriterion::Flowed, 200), 1e-9);
        $window = BakeRules::of(TimingCriterion::Window, 0.0, 10);
        self::assertEqualsWithDelta(self::pull($window), self::pull($window, $sheet), 1e-9);
        $this->expectException(InvalidInput::class);
        self::sheet([200, 0]);
    }
}
