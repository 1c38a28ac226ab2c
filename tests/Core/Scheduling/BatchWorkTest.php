<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Scheduling\BakeFamilies;
use Aenum\Core\Scheduling\BatchOnDay;
use Aenum\Core\Scheduling\BatchWork;
use Aenum\Core\Scheduling\CycleTime;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use PHPUnit\Framework\TestCase;

/** What is still to do on a lot, which bakes are shared, and the rhythm of a run. */
final class BatchWorkTest extends TestCase
{
    /** @param  array<string, StepOutcome>  $outcomes */
    private static function walk(array $outcomes = [], float $blast = 40.0): StepProgress
    {
        return new StepProgress([
            new Step(StepKind::Blast, $blast, 0, 'blast'),
            new Step(StepKind::BlowOut, 5, 0, 'blow out'),
            new Step(StepKind::TapeMask, 20, 0, 'mask'),
            new Step(StepKind::Hang, 10, 0, 'hang'),
            new Step(StepKind::Coat, 15, 0, 'coat', coat: 1),
            new Step(StepKind::Bake, 3, 37, 'bake', 180, 18, 1),
            new Step(StepKind::Cool, 0, 25, 'cool', coat: 1),
            new Step(StepKind::Inspect, 6, 0, 'look'),
            new Step(StepKind::Release, 12, 0, 'hand over'),
        ], $outcomes);
    }

    private static function part(): PartFacts
    {
        return new PartFacts(name: 'bracket', metal: MetalCatalog::find('carbon_steel') ?? throw new \LogicException());
    }

    private static function on(
        ?float $bare = null,
        int $loads = 1,
        ?float $left = null,
        ?string $until = null,
        float $wait = 0.0,
    ): BatchOnDay {
        $benches = [];
        foreach (Station::cases() as $station) {
            $benches[$station->value] = ["{$station->value} bench"];
        }

        return new BatchOnDay(
            $benches,
            ['oven'],
            0.6,
            [1 => 'green'],
            [1 => 'full cure 1'],
            [1 => BakeTo::Full],
            $bare,
            $left,
            $until,
            $wait,
            $loads,
            ['rack' => 1.0],
        );
    }

    public function test_what_follows_at_one_bench_is_one_step_and_ovens_and_coats_stand_alone(): void
    {
        $work = BatchWork::of(self::walk(), self::part(), self::on());
        self::assertSame(
            ['blast-0-1', 'tape_mask-0-1', 'coat-1-1', 'bake-1-1', 'inspect-0-1', 'release-0-1'],
            array_map(fn (DayStep $step): string => $step->key, $work->steps),
        );
        self::assertSame([45.0, 30.0, 15.0, 40.0, 6.0, 12.0], array_map(
            fn (DayStep $step): float => $step->minutes,
            $work->steps,
        ));
        [$blast, $mask, $coat, $bake] = $work->steps;
        self::assertSame([['blast bench'], 'blast', 45.0], [$blast->on, $blast->who, $blast->handsMin]);
        self::assertSame(['green', null], [$coat->colour, $blast->colour]);
        self::assertSame([['oven'], 3.0, 'full cure 1', 0.6], [$bake->on, $bake->handsMin, $bake->family, $bake->room]);
        self::assertSame(25.0, $bake->waitMin, 'it cools before it is looked at');
        self::assertSame('tape and disc, hang', BatchWork::name(self::walk(), $work->positions['tape_mask-0-1']));
        // Sprayed powder waits four hours at most; it hangs on its rack until it is out of its last oven.
        self::assertSame(240.0, $coat->waitMax);
        self::assertSame([[], ['rack' => 1.0], ['rack' => 1.0], ['rack' => 1.0], [], []], array_map(
            fn (DayStep $step): array => $step->takes,
            $work->steps,
        ));
    }

    public function test_the_clock_of_bare_steel_is_shared_out_over_the_gaps(): void
    {
        $gaps = fn (float $minutes): array => array_map(
            fn (DayStep $step): ?float => $step->waitMax,
            array_slice(BatchWork::of(self::walk(), self::part(), self::on($minutes))->steps, 0, 2),
        );
        // 90 min from the blast to the coat, 30 of them at the mask bench: 30 in each of the two gaps.
        self::assertSame([30.0, 30.0], $gaps(90.0));
        self::assertSame([0.0, 0.0], $gaps(30.0));
        self::assertSame([null, null], $gaps(29.9));
        self::assertSame(['coat 1'], BatchWork::of(self::walk(), self::part(), self::on(29.9))->blown);
        self::assertSame([], BatchWork::of(self::walk(), self::part(), self::on(30.0))->blown);
    }

    public function test_a_window_that_runs_already_begins_now_and_a_wait_is_kept(): void
    {
        $done = ['blast-0-1' => StepOutcome::Done, 'blow_out-0-1' => StepOutcome::Done];
        $work = BatchWork::of(self::walk($done), self::part(), self::on(null, 1, 50.0, 'coat-1-1', 8.0));
        self::assertSame([BatchWork::SINCE, 'tape_mask-0-1'], [$work->steps[0]->key, $work->steps[1]->key]);
        // 50 less 30 at the bench and 8 to wait: 6 to spare in each gap.
        self::assertSame([8.0, 14.0, 6.0], [
            $work->steps[0]->waitMin, $work->steps[0]->waitMax, $work->steps[1]->waitMax,
        ]);
        self::assertSame([0.0, [BatchWork::CLOCK]], [$work->steps[0]->minutes, $work->steps[0]->on]);
    }

    public function test_what_hands_cannot_do_at_a_stretch_is_done_in_parts_and_loads_share_it(): void
    {
        $parts = fn (float $blast, int $loads): array => array_values(array_filter(
            BatchWork::of(self::walk([], $blast), self::part(), self::on(90.0, $loads))->steps,
            fn (DayStep $step): bool => str_starts_with($step->key, 'blast'),
        ));
        self::assertCount(1, $parts(175.0, 1));
        [$first, $second] = $parts(176.0, 1);
        self::assertSame(['blast-0-1', 'blast-0-1/2'], [$first->key, $second->key]);
        self::assertSame([90.5, null], [$first->minutes, $first->waitMax]);
        self::assertNotNull($second->waitMax);
        self::assertSame(90.5, $parts(176.0, 2)[0]->minutes);
    }

    /** @param  list<array{float, float, ?float}>  $rows */
    private static function sheet(array $rows): CureSheet
    {
        return CureSheet::of(Chemistry::Polyester, array_map(
            fn (array $row): CureScheduleRow => CureScheduleRow::of(...$row),
            $rows,
        ), flowC: 120.0, flowMinutes: 3.0);
    }

    public function test_lots_share_a_bake_where_all_are_done_and_none_has_had_too_much(): void
    {
        $usual = self::sheet([[180, 15, 45], [200, 8, 22]]);
        $low = self::sheet([[140, 20, 40], [150, 12, 24]]);
        $same = fn (array $a, array $b): bool => count(array_unique(BakeFamilies::of([$a, $b]))) === 1;
        self::assertTrue($same([$usual, BakeTo::Full, 5.0], [$usual, BakeTo::Full, 12.0]));
        self::assertFalse($same([$usual, BakeTo::Full, 5.0], [$usual, BakeTo::Flow, 5.0]));
        self::assertTrue($same([$usual, BakeTo::Flow, 5.0], [$usual, BakeTo::Flow, 5.0]));
        self::assertFalse($same([$usual, BakeTo::Full, 5.0], [$low, BakeTo::Full, 5.0]));
        // At 180 the light one has 36 of its 45 min: 21 more than the 15 it needs, 21 kg/m2 of steel apart.
        self::assertTrue($same([$usual, BakeTo::Full, 0.0], [$usual, BakeTo::Full, 20.9]));
        self::assertFalse($same([$usual, BakeTo::Full, 0.0], [$usual, BakeTo::Full, 21.2]));
        self::assertSame(
            ['a' => 'full cure 1', 'b' => 'full cure 2', 'c' => 'full cure 1'],
            BakeFamilies::of([
                'a' => [$usual, BakeTo::Full, 5.0],
                'b' => [$low, BakeTo::Full, 5.0],
                'c' => [$usual, BakeTo::Full, 6.0],
            ]),
        );
    }

    public function test_the_rhythm_is_that_of_what_has_most_to_do(): void
    {
        $steps = [
            DayStep::of('blast', ['pot'], 22.0, who: 'blast'),
            DayStep::of('mask', ['bench 1', 'bench 2'], 30.0, who: 'mask'),
            DayStep::of('cure', ['oven'], 60.0, 5.0, 'cure', family: 'full', room: 0.3),
        ];
        $machines = [
            DayMachine::of('pot'), DayMachine::of('bench 1'), DayMachine::of('bench 2'),
            DayMachine::of('oven', MachineKind::Oven),
        ];
        $hands = array_map(fn (string $key): DayPerson => new DayPerson($key, [], Spans::always()), ['a', 'b', 'c']);
        $rhythm = CycleTime::of($steps, $machines, $hands);
        // The pot 22; two benches 15 each; three loads in the oven at once 20; three pairs of hands 19.
        self::assertSame([22.0, 'pot', false], [$rhythm->everyMin, $rhythm->heldBy, $rhythm->byHands]);
        self::assertSame(['pot' => 22.0, 'oven' => 20.0, 'hands' => 19.0, 'bench 1' => 15.0], $rhythm->minutes);
        self::assertSame([28.5, true], [
            CycleTime::of($steps, $machines, array_slice($hands, 1))->everyMin,
            CycleTime::of($steps, $machines, array_slice($hands, 1))->byHands,
        ]);
        self::assertArrayNotHasKey('hands', CycleTime::of($steps, $machines, [])->minutes);
    }
}
