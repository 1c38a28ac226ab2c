<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Files\DayFile;
use Aenum\Core\Files\DayReport;
use Aenum\Core\Scheduling\Bound;
use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\DayPlanner;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\DelayCause;
use Aenum\Core\Scheduling\Infeasible;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\PackedDay;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\PlacementPreference;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\SingleJobRelaxation;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Scheduling\Timetable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayPlannerTest extends TestCase
{
    private const CASES = __DIR__.'/../../cases/day/';

    public function test_the_case_of_the_small_day_holds(): void
    {
        $day = DayFile::parse((string) file_get_contents(self::CASES.'day-01-small.day.json'));
        $best = json_decode((string) file_get_contents(self::CASES.'day-01-small.best.json'), true);
        $plan = DayPlanner::plan($day, Budget::moves(300));
        self::assertSame([], DayRules::broken($day, $plan));
        self::assertIsArray($best);
        $most = $best['late_min'] * (1 + $best['within']) + $best['slack_min'];
        self::assertLessThanOrEqual($most, $plan->score->lateMin);
    }

    /** @return array<string, array{ShopDay}> */
    public static function days(): array
    {
        $days = [];
        foreach (range(1, 12) as $seed) {
            $means = $seed % 3 === 0 ? ['rack' => 3.0] : [];
            $aim = $seed % 4 === 0 ? DayObjective::Makespan : DayObjective::Due;
            $days["day {$seed}"] = [AnyDay::of($seed, 6 + $seed, 2, $means, $aim, withPeople: $seed % 5 !== 0)];
        }

        return $days;
    }

    #[DataProvider('days')]
    public function test_every_plan_keeps_every_rule_and_never_ends_later_than_first_due_first(ShopDay $day): void
    {
        $plan = DayPlanner::plan($day, Budget::moves(120));
        self::assertSame([], DayRules::broken($day, $plan));
        self::assertEqualsWithDelta(DayRules::late($day, $plan), $plan->score->lateMin, 1e-6);
        $packed = new PackedDay($day);
        $table = new Timetable($packed);
        $order = array_keys($day->jobs);
        usort($order, fn (int $a, int $b): int => $day->jobs[$a]->dueMin <=> $day->jobs[$b]->dueMin);
        foreach ($order as $job) {
            self::assertTrue($table->put($job, new PlacementPreference()));
        }
        $byHand = 0.0;
        foreach ($packed->last as $job => $step) {
            $byHand += $packed->weight[$job] * max(0.0, $table->to[$step] - $packed->due[$job]);
        }
        $day->aim === DayObjective::Due
            ? self::assertLessThanOrEqual($byHand + 1e-6, $plan->score->lateMin)
            : self::assertLessThanOrEqual($table->end() + 1e-6, $plan->score->makespanMin);
        $is = $day->aim === DayObjective::Due ? $plan->score->lateMin : $plan->score->makespanMin;
        self::assertLessThanOrEqual($is + 1e-6, $plan->boundMin);
    }

    public function test_the_same_seed_and_moves_give_the_same_plan_and_more_moves_none_worse(): void
    {
        $day = AnyDay::of(3, 14, 1);
        $plans = array_map(
            fn (int $moves): DayPlan => DayPlanner::plan($day, Budget::moves($moves), 7),
            [0, 60, 60, 1200],
        );
        self::assertEquals($plans[1], $plans[2]);
        self::assertGreaterThan(0.0, $plans[0]->score->lateMin);
        self::assertLessThan($plans[0]->score->lateMin, $plans[3]->score->lateMin);
        self::assertLessThanOrEqual($plans[0]->score->lateMin, $plans[1]->score->lateMin);
    }

    /** A day of two jobs, tried by hand: one booth, green first, 20 min for the change, both wanted at once. */
    public function test_a_day_of_two_jobs_comes_out_as_by_hand(): void
    {
        $coat = fn (string $colour, float $min): array => [DayStep::of('coat', ['booth'], $min, colour: $colour)];
        $booth = DayMachine::of('booth', changeMin: 20.0, changePairs: ['white>green' => 5.0]);
        $day = ShopDay::of(DayObjective::Due, [$booth], [], [
            DayJob::of('green', $coat('green', 30.0), 0.0, 30.0),
            DayJob::of('white', $coat('white', 10.0), 0.0, 30.0, 3.0),
        ]);
        $plan = DayPlanner::plan($day, Budget::moves(50));
        // White 0 to 10, five for the change, green 15 to 45: 15 late. The other way about: 3 x 30 late.
        self::assertSame([10.0, 45.0], [$plan->endOf('white'), $plan->endOf('green')]);
        self::assertSame([15.0, 45.0, 5.0], [
            $plan->score->lateMin, $plan->score->makespanMin, $plan->score->changeMin,
        ]);
        self::assertSame([DelayCause::Machine, 'booth'], [$plan->late[0]->by, $plan->late[0]->for]);
        self::assertNull($plan->endOf('blue'));
    }

    public function test_two_lots_of_a_family_share_a_bake_even_where_one_must_wait(): void
    {
        $bake = fn (string $family, float $ready, float $room): DayJob => DayJob::of(
            "{$family} {$ready}",
            [DayStep::of('cure', ['oven'], 60.0, 5.0, 'oven', family: $family, room: $room)],
            $ready,
            90.0,
        );
        $day = fn (string $family, float $room): ShopDay => ShopDay::of(
            DayObjective::Due,
            [DayMachine::of('oven', MachineKind::Oven)],
            [new DayPerson('ana', ['oven'], Spans::always())],
            [$bake('180', 0.0, 0.5), $bake($family, 20.0, $room)],
        );
        $shared = DayPlanner::plan($day('180', 0.5), Budget::moves(60));
        self::assertSame([0.0, 20.0, 20.0], [
            $shared->score->lateMin, $shared->steps[0]->fromMin, $shared->steps[1]->fromMin,
        ]);
        // One more hundredth of room, or another family, and they bake one after the other.
        foreach ([$day('180', 0.51), $day('200', 0.5)] as $apart) {
            $plan = DayPlanner::plan($apart, Budget::moves(60));
            self::assertSame(30.0, $plan->score->lateMin);
        }
    }

    public function test_a_window_pulls_the_step_before_it_later(): void
    {
        $day = fn (float $most): ShopDay => ShopDay::of(
            DayObjective::Due,
            [DayMachine::of('pot'), DayMachine::of('booth', open: Spans::of([[300.0, 400.0]]))],
            [],
            [DayJob::of('L1', [
                DayStep::of('blast', ['pot'], 30.0, waitMax: $most),
                DayStep::of('coat', ['booth'], 20.0),
            ])],
        );
        self::assertSame(210.0, DayPlanner::plan($day(60.0), Budget::moves(5))->steps[0]->fromMin);
        self::assertSame(0.0, DayPlanner::plan($day(270.0), Budget::moves(5))->steps[0]->fromMin);
    }

    public function test_spans_begin_later_and_end_later_as_far_as_they_go(): void
    {
        $spans = Spans::of([[100.0, 200.0], [230.0, 260.0]]);
        self::assertSame([[130.0, 200.0]], $spans->later(30.0)->open);
        self::assertSame([[129.0, 200.0], [259.0, 260.0]], $spans->later(29.0)->open);
        self::assertSame([[100.0, 200.0], [230.0, 300.0]], $spans->longer(40.0)->open, 'the break stays one');
        $two = fn (float $next): Spans => Spans::of([[0.0, 100.0], [$next, 900.0]]);
        self::assertSame(160.0, $two(340.0)->longer(60.0)->open[0][1]);
        self::assertSame(100.0, $two(339.0)->longer(60.0)->open[0][1]);
        self::assertSame(340.0, $two(340.0)->longer(500.0)->open[0][1]);
        self::assertSame([], Spans::always()->later(30.0)->open);
        self::assertSame($spans, $spans->later(100.0), 'none would be left');
        self::assertSame([100.0, INF], [$spans->fit(0.0, 100.0), $spans->fit(0.0, 100.1)]);
        self::assertSame([100.0, INF], [$spans->longest(), Spans::always()->longest()]);
    }

    public function test_what_cannot_be_held_is_refused_by_job_and_step(): void
    {
        $shut = DayMachine::of('booth', open: Spans::of([[0.0, 100.0]]));
        $one = fn (DayStep ...$steps): array => [DayJob::of('L1', array_values($steps))];
        $people = [new DayPerson('ana', ['spray'], Spans::of([[0.0, 50.0]]))];
        $late = [
            DayMachine::of('pot', open: Spans::of([[0.0, 30.0]])),
            DayMachine::of('booth', open: Spans::of([[90.0, 200.0]])),
        ];
        foreach ([
            'L1, step coat, takes 101' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [$shut], [], $one(DayStep::of('coat', ['booth'], 101.0)),
            ),
            'L1, step coat, wants blast' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [$shut], $people, $one(DayStep::of('coat', ['booth'], 10.0, who: 'blast')),
            ),
            'L1, step coat, takes hands for 51' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [$shut], $people, $one(DayStep::of('coat', ['booth'], 51.0, who: 'spray')),
            ),
            'L1, step cure, wants room 1.1' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [DayMachine::of('oven', MachineKind::Oven)], [],
                $one(DayStep::of('cure', ['oven'], 10.0, room: 1.1)),
            ),
            'L1, step coat, takes 3 rack' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [$shut], [], $one(DayStep::of('coat', ['booth'], 10.0, takes: ['rack' => 3.0])),
                ['rack' => 2.0],
            ),
            'L1, step coat, begins more than 59' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, $late, [],
                $one(DayStep::of('blast', ['pot'], 30.0, waitMax: 59.0), DayStep::of('coat', ['booth'], 9.0)),
            ),
            'L2, step coat, finds no time' => fn (): ShopDay => ShopDay::of(
                DayObjective::Due, [$shut], [], [
                    DayJob::of('L1', [DayStep::of('coat', ['booth'], 60.0)], 0.0, 60.0, 9.0),
                    DayJob::of('L2', [DayStep::of('coat', ['booth'], 60.0)], 0.0, 90.0),
                ],
            ),
        ] as $says => $make) {
            try {
                DayPlanner::plan($make(), Budget::moves(3));
                self::fail($says);
            } catch (Infeasible $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
        // One minute more, and it is held.
        $held = ShopDay::of(DayObjective::Due, $late, [], $one(
            DayStep::of('blast', ['pot'], 30.0, waitMax: 60.0), DayStep::of('coat', ['booth'], 9.0),
        ));
        self::assertSame(99.0, DayPlanner::plan($held, Budget::moves(3))->score->makespanMin);
    }

    public function test_windows_that_run_already_are_let_go_only_where_they_are_hopeless(): void
    {
        $job = fn (string $key, float $window): DayJob => DayJob::of($key, [
            DayStep::of('blast', ['pot'], 30.0, waitMax: $window),
            DayStep::of('coat', ['booth'], 20.0, waitMax: 60.0),
            DayStep::of('cure', ['oven'], 20.0),
        ]);
        $day = ShopDay::of(
            DayObjective::Due,
            [DayMachine::of('pot'), DayMachine::of('booth', open: Spans::of([[100.0, 400.0]])), DayMachine::of('oven')],
            [],
            [$job('kept', 90.0), $job('blown', 60.0), $job('later', 60.0)],
            [],
            80.0,
            array_map(
                fn (string $key, float $from): PlacedStep => new PlacedStep(
                    $key,
                    'blast',
                    'pot',
                    null,
                    $from,
                    $from + 30,
                ),
                ['kept', 'blown'],
                [40.0, 0.0],
            ),
        );
        [$without, $jobs] = SingleJobRelaxation::withoutHopeless($day);
        self::assertSame(['blown'], $jobs);
        self::assertSame([90.0, null, 60.0], array_map(
            fn (DayJob $one): ?float => $one->steps[0]->waitMax,
            $without->jobs,
        ));
        self::assertSame(60.0, $without->jobs[1]->steps[1]->waitMax, 'what has not begun keeps its window');
        self::assertSame([], DayRules::broken($without, DayPlanner::plan($without, Budget::moves(5))));
        self::assertSame(['kept', 'blown'], SingleJobRelaxation::withoutRunning($day)[1]);
        $never = $day->withJobs([...$day->jobs, DayJob::of('never', [
            DayStep::of('blast', ['pot'], 10.0, waitMax: 0.0), DayStep::of('coat', ['booth'], 200.0, waitMax: 0.0),
            DayStep::of('again', ['booth'], 150.0),
        ])]);
        self::assertSame(['never'], SingleJobRelaxation::withoutImpossible($never)[1]);
    }

    public function test_where_more_hangs_than_the_hours_hold_the_rest_is_left_out_and_named(): void
    {
        $step = fn (string $key, float $minutes): DayStep => DayStep::of($key, ['booth'], $minutes, 0.0);
        $jobs = array_map(
            fn (int $n): DayJob => DayJob::of("L{$n}", [$step('coat', 60.0), $step('again', 40.0)], 0.0, 100.0 * $n),
            range(1, 5),
        );
        $booth = DayMachine::of('booth', open: Spans::of([[0.0, 320.0]]));
        $day = ShopDay::of(DayObjective::Due, [$booth], [], $jobs);
        [$plan, $left] = DayPlanner::most($day, Budget::moves(50));
        self::assertCount(2, $left, 'three of 100 min go into 320');
        $stand = $day->withJobs(array_values(array_filter(
            $jobs,
            fn (DayJob $job): bool => ! in_array($job->key, $left, true),
        )));
        self::assertSame([], DayRules::broken($stand, $plan));
        self::assertCount(6, $plan->steps);
        // Of one that has begun, what has begun is in it.
        $begun = [new PlacedStep('L5', 'coat', 'booth', null, 0.0, 60.0)];
        $short = DayMachine::of('booth', open: Spans::of([[0.0, 90.0]]));
        $late = ShopDay::of(DayObjective::Due, [$short], [], $jobs, [], 30.0, $begun);
        [$plan, $left] = DayPlanner::most($late, Budget::moves(20));
        self::assertSame(['L1', 'L2', 'L3', 'L4', 'L5'], $left);
        self::assertCount(1, $plan->steps);
        self::assertSame(['L5', 'coat'], [$plan->steps[0]->job, $plan->steps[0]->step]);
        // Where all find a place nothing is left, and it is the plan as ever.
        $easy = AnyDay::of(3, 8, 2);
        self::assertEquals(
            [DayPlanner::plan($easy, Budget::moves(40)), []],
            DayPlanner::most($easy, Budget::moves(40)),
        );
    }

    public function test_a_day_that_slips_keeps_what_has_begun_and_most_of_the_plan(): void
    {
        foreach ([3, 7, 9] as $seed) {
            $was = DayPlanner::plan(AnyDay::of($seed, 10, 2), Budget::moves(400));
            $now = 150.0;
            $begun = array_values(array_filter($was->steps, fn (PlacedStep $step): bool => $step->fromMin < $now));
            $day = AnyDay::of($seed, 10, 2, [], DayObjective::Due, $now, $begun, $was->steps);
            $same = DayPlanner::plan($day, Budget::moves(100));
            self::assertSame([], DayRules::broken($day, $same));
            self::assertSame([], $same->moved, 'nothing slipped, so nothing moves');
            $slipped = AnyDay::after($was, $day, $now, 120.0);
            $plan = DayPlanner::plan($slipped, Budget::moves(200));
            self::assertSame([], DayRules::broken($slipped, $plan));
            self::assertNotSame([], $plan->moved);
            self::assertLessThan(0.8 * count($was->steps), count($plan->moved));
            $why = DayReport::of($plan, DayObjective::Due)['why'];
            self::assertIsArray($why);
            self::assertCount(1 + count($plan->late) + count($plan->moved), $why);
        }
    }

    public function test_someone_who_goes_home_leaves_her_work_to_the_others(): void
    {
        $was = DayPlanner::plan(AnyDay::of(4, 8, 2), Budget::moves(200));
        $before = AnyDay::of(4, 8, 2);
        $begun = array_values(array_filter($was->steps, fn (PlacedStep $step): bool => $step->fromMin < 60.0));
        $people = array_map(fn (DayPerson $person): DayPerson => $person->key !== 'bo' ? $person : new DayPerson(
            'bo', $person->can, Spans::of([[0.0, 180.0], [1440.0, 1980.0], [2880.0, 3420.0]]),
        ), $before->people);
        $day = ShopDay::of(DayObjective::Due, $before->machines, $people, $before->jobs, [], 60.0, $begun, $was->steps);
        $plan = DayPlanner::plan($day, Budget::moves(200));
        self::assertSame([], DayRules::broken($day, $plan));
        $with = array_filter($plan->moved, fn ($moved): bool => $moved->was->who === 'bo' && $moved->is->who === 'ana');
        self::assertNotSame([], $with);
    }

    public function test_more_hours_never_make_the_bound_worse(): void
    {
        foreach (range(1, 6) as $seed) {
            foreach (DayObjective::cases() as $aim) {
                $bounds = array_map(function (float $longer) use ($seed, $aim): float {
                    $day = AnyDay::of($seed, 25, 1, [], $aim);
                    $packed = new PackedDay(ShopDay::of(
                        $aim, AnyDay::machines(1, $longer), $day->people, $day->jobs,
                    ));

                    return Bound::of($packed, SingleJobRelaxation::in($packed));
                }, [0.0, 60.0, 240.0]);
                self::assertGreaterThan(0.0, $bounds[0]);
                self::assertGreaterThanOrEqual($bounds[1], $bounds[0]);
                self::assertGreaterThanOrEqual($bounds[2], $bounds[1]);
            }
        }
    }

    /** Three jobs of 30 min on one machine, all due at 30: 30 and 60 late at least, and no plan has fewer. */
    public function test_the_bound_of_one_machine_is_met(): void
    {
        $jobs = array_map(
            fn (int $n): DayJob => DayJob::of("L{$n}", [DayStep::of('blast', ['pot'], 30.0)], 0.0, 30.0, 2.0),
            [1, 2, 3],
        );
        $plan = DayPlanner::plan(ShopDay::of(DayObjective::Due, [DayMachine::of('pot')], [], $jobs), Budget::moves(5));
        self::assertSame([180.0, 180.0], [$plan->boundMin, $plan->score->lateMin]);
    }
}
