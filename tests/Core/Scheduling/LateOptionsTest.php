<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayPlanner;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\LateOption;
use Aenum\Core\Scheduling\LateOptionKind;
use Aenum\Core\Scheduling\LateOptions;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class LateOptionsTest extends TestCase
{
    /** Two jobs on one bench that is open for eight hours a day; the second is due today and would be done tomorrow. */
    private static function day(float $other = 300.0): ShopDay
    {
        $open = Spans::of([[0.0, 480.0], [1440.0, 1920.0], [2880.0, 3360.0]]);

        return ShopDay::of(
            DayObjective::Due,
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

    /** @return array<string, LateOption> by what is done */
    private static function ways(ShopDay $day): array
    {
        $plan = DayPlanner::plan($day, Budget::moves(30));
        $ways = [];
        foreach (LateOptions::of($day, $plan, 'late', fn (): Budget => Budget::moves(30)) as $way) {
            $ways[$way->kind->value.($way->overtimeMin > 0 ? " {$way->overtimeMin}" : '')] = $way;
        }

        return $ways;
    }

    public function test_what_mends_comes_first_and_says_who_pays(): void
    {
        $ways = self::ways(self::day());
        // An hour more: masked at 500, baked at 530, and in time.
        self::assertTrue($ways['overtime 60']->meetsDate());
        self::assertSame([530.0, 0.0], [$ways['overtime 60']->endMin, $ways['overtime 60']->lateMin]);
        self::assertSame('overtime', reset($ways)->kind->value);
        // Gone first, it is in time and the other is not.
        self::assertSame([0.0, ['first']], [$ways['first']->lateMin, $ways['first']->others]);
        self::assertFalse($ways['first']->meetsDate());
        self::assertSame(LateOptionKind::Later, end($ways)->kind);
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
        $this->expectException(InvalidInput::class);
        LateOptions::of($day, DayPlanner::plan($day, Budget::moves(5)), 'nobody', fn (): Budget => Budget::moves(5));
    }
}
