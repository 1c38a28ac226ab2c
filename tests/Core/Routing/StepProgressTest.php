<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use PHPUnit\Framework\TestCase;

/** A lot on its route: where it goes next, and what a move would leave behind. */
final class StepProgressTest extends TestCase
{
    /** @return list<Step> a casting: bake-out between two blasts, two coats */
    private static function route(): array
    {
        $step = fn (StepKind $kind, ?int $coat = null): Step => new Step($kind, 5, 0, 'because', coat: $coat);

        return [
            $step(StepKind::Degrease),
            $step(StepKind::Blast),
            $step(StepKind::BlowOut),
            $step(StepKind::BakeOut),
            $step(StepKind::Cool),
            $step(StepKind::SweepBlast),
            $step(StepKind::Wash),
            $step(StepKind::Hang),
            $step(StepKind::Coat, 1),
            $step(StepKind::Bake, 1),
            $step(StepKind::Cool),
            $step(StepKind::Coat, 2),
            $step(StepKind::Bake, 2),
            $step(StepKind::Inspect),
            $step(StepKind::Release),
        ];
    }

    /** @param  list<int>  $done  positions */
    private static function walk(array $done = [], array $otherwise = []): StepProgress
    {
        $keys = StepKey::all(self::route());
        $outcomes = [];
        foreach ($done as $n) {
            $outcomes[$keys[$n]->text()] = StepOutcome::Done;
        }
        foreach ($otherwise as $n => $outcome) {
            $outcomes[$keys[$n]->text()] = $outcome;
        }

        return new StepProgress(self::route(), $outcomes);
    }

    public function test_a_step_is_known_however_the_route_is_reordered(): void
    {
        $keys = array_map(fn (StepKey $key): string => $key->text(), StepKey::all(self::route()));
        self::assertSame('blast-0-1', $keys[1]);
        self::assertSame('coat-2-1', $keys[11]);
        self::assertSame(['cool-0-1', 'cool-0-2'], [$keys[4], $keys[10]]);
        self::assertSame(count($keys), count(array_unique($keys)));
        $turned = StepKey::all(array_reverse(self::route()));
        $reversed = array_map(fn (StepKey $key): string => $key->text(), $turned);
        sort($keys);
        sort($reversed);
        self::assertSame($keys, $reversed);
    }

    public function test_it_goes_where_the_next_step_is_done_and_comes_back_for_the_second_coat(): void
    {
        self::assertSame(Station::Strip, self::walk()->nextStation(Station::Intake));
        self::assertSame([0], self::walk()->here(Station::Strip));
        self::assertSame(Station::Blast, self::walk()->nextStation(Station::Strip));
        self::assertSame([1, 2], self::walk([0])->here(Station::Blast));
        self::assertSame(Station::BakeOut, self::walk([0])->nextStation(Station::Blast));
        self::assertSame([2], self::walk([0, 1])->here(Station::Blast));
        // The sweep after the bake-out is another visit.
        self::assertSame(Station::Blast, self::walk([0, 1, 2, 3])->nextStation(Station::BakeOut));
        self::assertSame([5], self::walk([0, 1, 2, 3])->here(Station::Blast));
        $first = range(0, 9);
        self::assertSame(Station::Coat, self::walk($first)->nextStation(Station::Cure));
        self::assertTrue(self::walk($first)->leadsTo(Station::Coat));
        self::assertFalse(self::walk($first)->leadsTo(Station::Blast));
        self::assertSame(11, self::walk($first)->next());
        self::assertSame(Station::Release, self::walk(range(0, 13))->nextStation(Station::Inspect));
        self::assertSame(14, self::walk(range(0, 13))->next());
        self::assertNull(self::walk(range(0, 14))->next());
    }

    public function test_a_move_says_what_it_would_leave_undone(): void
    {
        self::assertSame([1, 2], self::walk([0])->passed(Station::Blast, Station::BakeOut));
        self::assertSame([], self::walk([0, 1, 2])->passed(Station::Blast, Station::BakeOut));
        self::assertSame([1, 2, 3, 5, 6, 7], self::walk([0])->passed(Station::Blast, Station::Coat));
        // Back to where nothing is open leaves nothing behind; so does the way itself.
        self::assertSame([], self::walk(range(0, 8))->passed(Station::Cure, Station::Strip));
        self::assertSame([], self::walk(range(0, 9))->passed(Station::Cure, Station::Coat));
        self::assertSame([9], self::walk(range(0, 8))->passed(Station::Cure, Station::Coat));
        // A station the route has nothing at: what lies before it by place.
        self::assertSame([0], self::walk()->passed(Station::Intake, Station::Blast));
        self::assertSame([], self::walk([0, 1, 2, 3, 5, 6, 7])->passed(Station::Wash, Station::MaskAndHang));
        self::assertSame([11, 12, 13], self::walk(range(0, 9))->passed(Station::Cure, Station::Release));
    }

    public function test_put_off_stays_open_and_is_asked_about_once_more_before_release(): void
    {
        $walk = self::walk([0, 1], [2 => StepOutcome::PutOff]);
        self::assertTrue($walk->isOpen(2));
        self::assertSame([], $walk->passed(Station::Blast, Station::BakeOut));
        self::assertSame(3, $walk->next());
        $late = self::walk(array_diff(range(0, 13), [2]), [2 => StepOutcome::PutOff]);
        self::assertSame([2], $late->passed(Station::Inspect, Station::Release));
        self::assertSame(Station::Blast, $late->nextStation(Station::Inspect));
        self::assertSame([2], $late->undone());
        self::assertFalse($late->leadsTo(Station::Release));
        $excused = self::walk(array_diff(range(0, 13), [2]), [2 => StepOutcome::NotNeeded]);
        self::assertSame([], $excused->passed(Station::Inspect, Station::Release));
        self::assertTrue($excused->leadsTo(Station::Release));
    }

    public function test_what_passes_by_itself_is_never_asked_for_and_counts_are_of_the_rest(): void
    {
        $walk = self::walk([0, 1]);
        self::assertFalse($walk->isOpen(4));
        self::assertNull($walk->outcome(4));
        self::assertSame([2, 13], [$walk->closed(), $walk->asked()]);
        self::assertSame(8, $walk->firstOpen(1, StepKind::Coat));
        self::assertSame(11, $walk->firstOpen(2, StepKind::Coat));
        self::assertSame(5, $walk->firstOpen(null, StepKind::SweepBlast, StepKind::Blast));
        self::assertNull($walk->firstOpen(null, StepKind::Acid));
        self::assertNull($walk->position('acid-0-1'));
        self::assertSame(12, $walk->position('bake-2-1'));
    }

    /** However a lot is moved, and whatever is said on the way: handed over, nothing is neither done nor excused. */
    public function test_no_sequence_of_moves_gets_a_lot_to_release_with_a_step_left(): void
    {
        mt_srand(20261123);
        $keys = StepKey::all(self::route());
        $arrived = 0;
        for ($lot = 0; $lot < 400; $lot++) {
            $outcomes = [];
            $at = Station::Intake;
            for ($move = 0; $move < 40; $move++) {
                $walk = new StepProgress(self::route(), $outcomes);
                $to = mt_rand(0, 2) === 0
                    ? Station::cases()[mt_rand(0, 9)]
                    : $walk->nextStation($at);
                foreach ($walk->here($at) as $n) {
                    if (mt_rand(0, 1) === 0) {
                        $outcomes[$keys[$n]->text()] = StepOutcome::Done;
                    }
                }
                $walk = new StepProgress(self::route(), $outcomes);
                foreach ($walk->passed($at, $to) as $n) {
                    // To Release only a closing answer is one.
                    $answers = $to === Station::Release
                        ? [StepOutcome::Done, StepOutcome::NotNeeded]
                        : StepOutcome::cases();
                    $outcomes[$keys[$n]->text()] = $answers[mt_rand(0, count($answers) - 1)];
                }
                self::assertSame([], array_diff((new StepProgress(self::route(), $outcomes))->passed($at, $to), []));
                $at = $to;
                if ($at === Station::Release) {
                    $arrived++;
                    self::assertSame([], (new StepProgress(self::route(), $outcomes))->undone());
                    break;
                }
            }
        }
        self::assertGreaterThan(300, $arrived);
    }
}
