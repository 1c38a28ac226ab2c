<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aenum\Core\Plan\Budget;
use Aenum\Core\Plan\Day;
use Aenum\Core\Plan\DayAim;
use Aenum\Core\Plan\DayJob;
use Aenum\Core\Plan\DayMachine;
use Aenum\Core\Plan\DayPerson;
use Aenum\Core\Plan\DayPlanner;
use Aenum\Core\Plan\DayStep;
use Aenum\Core\Plan\MachineKind;
use Aenum\Core\Plan\Spans;
use Aenum\Core\Plan\WayKind;
use Aenum\Core\Plan\WayOut;
use Aenum\Core\Plan\WaysOut;
use Aenum\Core\Unit\InvalidQuantity;
use PHPUnit\Framework\TestCase;

final class WaysOutTest extends TestCase
{
    /** Two jobs on one bench that is open for eight hours a day; the second is due today and would be done tomorrow. */
    private static function day(float $other = 300.0): Day
    {
        $open = Spans::of([[0.0, 480.0], [1440.0, 1920.0], [2880.0, 3360.0]]);

        return Day::of(
            DayAim::Due,
            [
                DayMachine::of('bench', open: $open),
                DayMachine::of('small oven', MachineKind::Oven, $open, 0.5),
                DayMachine::of('large oven', MachineKind::Oven, $open, 2.0),
            ],
            [new DayPerson('ana', ['mask', 'cure'], $open)],
            [
                DayJob::of('first', [DayStep::of('mask', ['bench'], $other, who: 'mask')], 0.0, 480.0, 5.0),
                DayJob::of('late', [
                    DayStep::of('mask', ['bench'], 200.0, who: 'mask'),
                    DayStep::of('cure', ['small oven'], 30.0, 5.0, 'cure', room: 0.5),
                ], 0.0, 530.0),
            ],
        );
    }

    /** @return array<string, WayOut> by what is done */
    private static function ways(Day $day): array
    {
        $plan = DayPlanner::plan($day, Budget::moves(30));
        $ways = [];
        foreach (WaysOut::of($day, $plan, 'late', fn (): Budget => Budget::moves(30)) as $way) {
            $ways[$way->kind->value.($way->overtimeMin > 0 ? " {$way->overtimeMin}" : '')] = $way;
        }

        return $ways;
    }

    public function test_what_mends_comes_first_and_says_who_pays(): void
    {
        $ways = self::ways(self::day());
        // An hour more: masked at 500, baked at 530, and in time.
        self::assertTrue($ways['overtime 60']->mends());
        self::assertSame([530.0, 0.0], [$ways['overtime 60']->endMin, $ways['overtime 60']->lateMin]);
        self::assertSame('overtime', reset($ways)->kind->value);
        // Gone first, it is in time and the other is not.
        self::assertSame([0.0, ['first']], [$ways['first']->lateMin, $ways['first']->others]);
        self::assertFalse($ways['first']->mends());
        self::assertSame(WayKind::Later, end($ways)->kind);
        self::assertSame($ways['later']->endMin - 530.0, $ways['later']->lateMin);
    }

    public function test_half_of_it_first_takes_half_the_hands(): void
    {
        // 300 and half of 200: masked at 400; loaded in half of five minutes, and baked as long as ever.
        self::assertSame(427.5, self::ways(self::day())['split']->endMin);
    }

    public function test_a_job_that_is_not_in_the_day_is_refused(): void
    {
        $day = self::day();
        $this->expectException(InvalidQuantity::class);
        WaysOut::of($day, DayPlanner::plan($day, Budget::moves(5)), 'nobody', fn (): Budget => Budget::moves(5));
    }
}
