<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\LaborReservations;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\PackedDay;
use Aenum\Core\Scheduling\PackedSpans;
use Aenum\Core\Scheduling\ResourceReservations;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Scheduling\Turns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a timetable is made of, each part by a hand calculation. */
final class TimetablePartsTest extends TestCase
{
    private const EIGHT = 480.0;

    private const NOON = 720.0;

    /** @return array<string, array{list<array{float, float}>, float, float, float}> open, from, minutes, fits */
    public static function fits(): array
    {
        $day = [[self::EIGHT, self::NOON], [780.0, 1020.0], [1920.0, 2160.0]];

        return [
            'always open' => [[], 17.0, 1e6, 17.0],
            'before it opens' => [$day, 0.0, 30.0, self::EIGHT],
            'in the middle' => [$day, 600.0, 30.0, 600.0],
            'just to the end' => [$day, 690.0, 30.0, 690.0],
            'a minute past the end' => [$day, 691.0, 30.0, 780.0],
            'longer than what is left, and the next' => [$day, 600.0, 240.0, 780.0],
            'longer than any' => [$day, 0.0, 241.0, INF],
            'past the last' => [$day, 2161.0, 1.0, INF],
            'the next day' => [$day, 1020.0, 10.0, 1920.0],
            'before the day is counted' => [$day, -50.0, 10.0, self::EIGHT],
        ];
    }

    /** @param  list<array{float, float}>  $open */
    #[DataProvider('fits')]
    public function test_work_fits_where_the_plain_search_says(array $open, float $at, float $for, float $fits): void
    {
        $spans = $open === [] ? Spans::always() : Spans::of($open);
        self::assertSame($fits, PackedSpans::fit(PackedSpans::of($spans), $at, $for));
        self::assertSame($fits, $spans->fit($at, $for));
    }

    public function test_the_search_by_blocks_is_the_plain_search_at_every_quarter_of_an_hour(): void
    {
        $spans = Spans::of([[10.0, 50.0], [230.0, 250.0], [475.0, 485.0], [600.0, 1500.0], [2400.0, 2410.0]]);
        $packed = PackedSpans::of($spans);
        for ($at = 0.0; $at < 2500; $at += 15) {
            foreach ([1.0, 10.0, 20.0, 300.0] as $for) {
                self::assertSame($spans->fit($at, $for), PackedSpans::fit($packed, $at, $for), "{$for} from {$at}");
            }
        }
    }

    public function test_the_first_not_over_is_found_by_halving(): void
    {
        $ends = [10.0, 20.0, 30.0];
        $found = fn (float $at): int => PackedSpans::after($ends, $at);
        self::assertSame(
            [0, 0, 1, 1, 2, 2, 3, 3],
            array_map($found, [0.0, 9.999, 10.0, 19.0, 20.0, 29.999, 30.0, 99.0]),
        );
        self::assertSame(0, PackedSpans::after([], 5.0));
        self::assertSame(1, PackedSpans::after($ends, 10.0 - PackedSpans::NEAR / 2), 'nearer than near is there');
    }

    public function test_how_much_of_a_time_is_taken(): void
    {
        $within = fn (float $from, float $to): float => PackedSpans::within([10.0, 30.0], [20.0, 50.0], $from, $to);
        self::assertSame([30.0, 5.0, 0.0, 15.0], [
            $within(0, 100), $within(15, 20), $within(20, 30), $within(15, 40),
        ]);
    }

    public function test_hands_are_free_between_what_is_taken_and_when_they_are_there(): void
    {
        $hands = new LaborReservations([
            [],
            PackedSpans::of(Spans::of([[self::EIGHT, self::NOON], [780.0, 1020.0]])),
        ]);
        self::assertSame(5.0, $hands->free(0, 5.0, 1000.0));
        $hands->take(0, 100.0, 130.0);
        $hands->take(0, 150.0, 200.0);
        self::assertSame(60.0, $hands->free(0, 60.0, 40.0), 'just to the next');
        self::assertSame(200.0, $hands->free(0, 60.0, 41.0));
        self::assertSame(70.0, $hands->free(0, 70.0, 20.0));
        self::assertSame(130.0, $hands->free(0, 110.0, 20.0));
        self::assertSame(200.0, $hands->free(0, 110.0, 20.1));
        // 200 to 720 is shut out before eight; the break of an hour is no time either.
        $hands->take(1, 500.0, 700.0);
        self::assertSame(self::EIGHT, $hands->free(1, 0.0, 20.0));
        self::assertSame(700.0, $hands->free(1, 600.0, 20.0));
        self::assertSame(780.0, $hands->free(1, 0.0, 20.5));
        self::assertSame(INF, $hands->free(1, 0.0, 300.0));
    }

    public function test_hands_of_one_bake_are_taken_to_the_later_end_and_given_back_to_what_is_left(): void
    {
        $hands = new LaborReservations([[]]);
        $hands->take(0, 100.0, 110.0);
        $hands->take(0, 100.0, 125.0);
        $hands->take(0, 100.0, 105.0);
        self::assertSame(25.0, $hands->within(0, 0.0, 500.0));
        self::assertSame(125.0, $hands->free(0, 100.0, 1.0));
        $hands->giveBack(0, 100.0, 10.0);
        self::assertSame(110.0, $hands->free(0, 100.0, 1.0));
        $hands->giveBack(0, 100.0, 0.0);
        self::assertSame(0.0, $hands->within(0, 0.0, 500.0));
    }

    public function test_hands_can_go_on_loading_until_something_else_wants_them(): void
    {
        $hands = new LaborReservations([PackedSpans::of(Spans::of([[0.0, 200.0]]))]);
        $hands->take(0, 100.0, 110.0);
        $hands->take(0, 130.0, 140.0);
        self::assertTrue($hands->canGoOn(0, 100.0, 5.0), 'already there for longer');
        self::assertTrue($hands->canGoOn(0, 100.0, 30.0));
        self::assertFalse($hands->canGoOn(0, 100.0, 31.0));
        self::assertTrue($hands->canGoOn(0, 130.0, 70.0));
        self::assertFalse($hands->canGoOn(0, 130.0, 70.5), 'they go home at 200');
    }

    public function test_means_are_free_when_enough_of_them_are_given_back(): void
    {
        $means = new ResourceReservations();
        $means->hold('rack', 0, 100.0, 200.0, 2.0);
        $means->hold('rack', 1, 150.0, 300.0, 1.0);
        $free = fn (float $from, float $for, float $most): float => $means->freeFrom('rack', 9, $from, $for, $most);
        // Held: 2 from 100, 3 from 150, 1 from 200, none from 300.
        self::assertSame(0.0, $free(0.0, 100.0, 0.0), 'over just as they are taken');
        self::assertSame(300.0, $free(0.0, 101.0, 0.0));
        self::assertSame(200.0, $free(0.0, 120.0, 1.0));
        self::assertSame(0.0, $free(0.0, 120.0, 2.0));
        self::assertSame(200.0, $free(0.0, 160.0, 2.0));
        self::assertSame(0.0, $free(0.0, 500.0, 3.0));
        self::assertSame(0.0, $means->freeFrom('hook', 9, 0.0, 500.0, 0.0), 'nobody holds any');
        self::assertSame(0.0, $means->freeFrom('rack', 0, 0.0, 500.0, 1.0), 'its own are no hindrance');
        self::assertSame([100.0, -INF], [$means->since('rack', 0), $means->since('rack', 7)]);
        $means->hold('rack', 0, 400.0, 500.0, 2.0);
        self::assertSame(0.0, $free(0.0, 120.0, 0.0), 'what is held anew is no longer held as before');
        $means->letGo(1);
        self::assertSame(0.0, $free(0.0, 400.0, 0.0));
    }

    public function test_what_is_given_back_at_a_moment_is_there_for_who_takes_it_then(): void
    {
        $means = new ResourceReservations();
        $means->hold('rack', 0, 100.0, 200.0, 2.0);
        $means->hold('rack', 1, 200.0, 300.0, 2.0);
        self::assertSame(100.0, $means->freeFrom('rack', 9, 100.0, 200.0, 2.0), 'never more than two are out');
        self::assertSame(300.0, $means->freeFrom('rack', 9, 100.0, 200.0, 1.0));
    }

    /**
     * Turns in a shop of a booth, which takes 20 min between colours and 35 from green to white, and an oven.
     *
     * @param  list<DayStep>  $steps  each the only one of its job, by number from 0
     */
    private static function turns(array $steps): Turns
    {
        $machines = [
            DayMachine::of('booth', changeMin: 20.0, changePairs: ['green>white' => 35.0]),
            DayMachine::of('oven', MachineKind::Oven, room: 10.0),
        ];
        $jobs = [];
        foreach ($steps as $n => $step) {
            $jobs[] = DayJob::of("L{$n}", [$step]);
        }

        return new Turns(new PackedDay(ShopDay::of(DayObjective::Due, $machines, [], $jobs)));
    }

    private static function coat(?string $colour, float $minutes = 30.0): DayStep
    {
        return DayStep::of('coat', ['booth'], $minutes, colour: $colour);
    }

    private static function bake(float $minutes, float $room = 4.0): DayStep
    {
        return DayStep::of('bake', ['oven'], $minutes, 5.0, family: 'same', room: $room);
    }

    public function test_turns_stand_in_the_order_of_time(): void
    {
        $turns = self::turns([self::coat('green'), self::coat('white'), self::coat(null), self::coat('green')]);
        $turns->enter(0, 1, 200.0, 230.0);
        $turns->enter(0, 0, 0.0, 30.0);
        $turns->enter(0, 2, 100.0, 130.0);
        self::assertSame([0, 2, 1], $turns->with[0]);
        self::assertSame([[0.0, 100.0, 200.0], [30.0, 130.0, 230.0]], [$turns->from[0], $turns->to[0]]);
        // What has no colour leaves the colour that was there before.
        self::assertSame(35.0, $turns->changeMinutes());
        $turns->enter(0, 3, 300.0, 330.0);
        self::assertSame(55.0, $turns->changeMinutes());
        self::assertSame([0, 2, 1], $turns->around(0, 110.0, 1));
        self::assertSame([2, 1, 3], $turns->around(0, 130.0, 1), 'over at the very moment is before it');
        self::assertSame([0, 2, 1], $turns->around(0, 0.0, 1));
        self::assertSame([3], $turns->around(0, 500.0, 1));
        self::assertSame([0, 2, 1, 3], $turns->around(0, 110.0, 5));
        self::assertSame(45.0, $turns->within(0, 15.0, 130.0));
    }

    public function test_a_turn_given_up_strands_what_the_change_of_colour_no_longer_reaches(): void
    {
        // Green to 56, another 60 to 70, white from 90: 20 min will do from a third colour, not from green.
        $all = function (string $between): Turns {
            $steps = [self::coat('green'), self::coat($between), self::coat('white'), self::coat(null, 10.0)];
            $turns = self::turns($steps);
            $turns->enter(0, 0, 0.0, 56.0);
            $turns->enter(0, 1, 60.0, 70.0);
            $turns->enter(0, 2, 90.0, 120.0);

            return $turns;
        };
        $turns = $all('black');
        self::assertSame(2, $turns->leave(0, 1), 'from 56 to 90 are 34 min, and green to white takes 35');
        self::assertSame([0, 2], $turns->with[0]);
        self::assertNull($turns->leave(0, 2), 'nothing comes after it');
        self::assertNull($turns->leave(0, 0), 'nothing comes before it, nor after');
        $turns = $all('black');
        self::assertNull($turns->leave(0, 0), 'nothing came before the first');
        // With something that has no colour between them, only the time just before the second counts.
        $turns = $all('black');
        $turns->enter(0, 3, 75.0, 85.0);
        self::assertSame(2, $turns->leave(0, 1));
        $turns = $all('white');
        self::assertSame(2, $turns->leave(0, 1));
    }

    public function test_a_bake_takes_who_has_room_and_lasts_as_long_as_the_longest_in_it(): void
    {
        $turns = self::turns([self::bake(40.0), self::bake(60.0), self::bake(50.0), self::bake(30.0, 2.0)]);
        $turns->enter(1, 0, 100.0, 140.0);
        self::assertTrue($turns->hasRoom(1, 0, 1));
        self::assertSame(160.0, $turns->join(1, 0, 1, 160.0));
        self::assertFalse($turns->hasRoom(1, 0, 2), '4 and 4 of 10 leave none for 4');
        self::assertTrue($turns->hasRoom(1, 0, 3), 'but for 2');
        self::assertSame(160.0, $turns->join(1, 0, 3, 130.0), 'a shorter one changes nothing');
        self::assertSame([0, 1, 3], $turns->inBake(0));
        self::assertSame([[100.0], [160.0], [0]], [$turns->from[1], $turns->to[1], $turns->with[1]]);
        // Who speaks for it goes: the next one does, and the room is there again.
        self::assertSame([1, 3], $turns->leaveBake(1, 0));
        self::assertSame([[1], [160.0]], [$turns->with[1], $turns->to[1]]);
        self::assertTrue($turns->hasRoom(1, 1, 2));
        self::assertSame([3], $turns->leaveBake(1, 1));
        self::assertSame([[3], [130.0]], [$turns->with[1], $turns->to[1]], 'as long as the longest that is left');
        self::assertSame([], $turns->leaveBake(1, 3));
        self::assertSame([[], [], []], [$turns->from[1], $turns->to[1], $turns->with[1]]);
        self::assertSame(0.0, $turns->changeMinutes(), 'an oven has no colours');
    }
}
