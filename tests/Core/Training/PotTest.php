<?php

declare(strict_types=1);

namespace Tests\Core\Training;

use Aenum\Core\Training\Exercise;
use Aenum\Core\Training\Flow;
use Aenum\Core\Training\Hazard;
use Aenum\Core\Training\Pot;
use Aenum\Core\Training\PotMove;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PotTest extends TestCase
{
    use TestTrait;

    /** @return list<PotMove> */
    private static function moves(string $keys): array
    {
        return array_map(PotMove::from(...), preg_split('/[\s,]+/', trim($keys)) ?: []);
    }

    public function test_on_a_humid_day_the_choke_stands_half_open(): void
    {
        $pot = fn (bool $humid, bool $half): Pot => new Pot(
            pinned: true, supply: true, set: 5, quarters: 3, mediaKg: 20, settled: true,
            halfChoke: $half, humid: $humid,
        );
        $blast = fn (Pot $pot): array => $pot->after(PotMove::Press);
        self::assertSame([Hazard::Plugged], $blast($pot(true, false))[1], 'damp media bridges over the valve');
        self::assertSame([], $blast($pot(true, true))[1]);
        self::assertSame(Flow::Even, $blast($pot(true, true))[0]->flow());
        self::assertSame([], $blast($pot(false, false))[1]);
        self::assertSame([Hazard::Flooded], $blast($pot(false, true))[1], 'too rich when the media is dry');
        [$after] = $pot(true, true)->after(PotMove::OpenChoke);
        self::assertSame(['open', false], [$after->chokeWord(), $after->halfChoke]);
        self::assertSame('half open', $after->after(PotMove::HalfChoke)[0]->chokeWord());
        self::assertSame('shut', $after->after(PotMove::CloseChoke)[0]->chokeWord());
        $way = array_map(fn (PotMove $move): string => $move->value, Exercise::all()['damp_day']->shortest());
        self::assertContains('half_choke', $way);
        self::assertSame(100, Exercise::all()['damp_day']->score(Exercise::all()['damp_day']->shortest()));
    }

    public function test_one_who_cannot_see_it_is_told_how_it_stands(): void
    {
        $this->assertSame(
            'supply open, regulator at 5 bar, pot at 5 bar, choke open, media valve 3 quarters open, vent shut, '
            .'dead-man pressed. An even, dull roar.',
            (new Pot(supply: true, set: 5, quarters: 3, pressed: true))->says(),
        );
        $this->assertSame(
            'supply shut, regulator at 0 bar, pot at 0 bar, choke shut, media valve 0 quarters open, vent open, '
            .'dead-man let go. Silent.',
            (new Pot(choke: false, vent: true))->says(),
        );
    }

    public function test_no_sequence_of_moves_reaches_an_impossible_state(): void
    {
        $starts = array_values(array_map(fn (Exercise $e): Pot => $e->start, Exercise::all()));
        $this->limitTo(300)
            ->forAll(Generators::elements($starts), Generators::vector(40, Generators::elements(PotMove::cases())))
            ->then(function (Pot $pot, array $moves): void {
                foreach ($moves as $move) {
                    [$after, $hazards] = $pot->after($move);
                    $told = $move->value.' on '.$pot->key();
                    self::assertTrue($after->bar() >= 0 && $after->bar() <= Pot::MOST_BAR, $told);
                    self::assertTrue(
                        ! $after->vent || $after->bar() === 0,
                        'an open vent holds no pressure: '.$told,
                    );
                    self::assertTrue(
                        $after->supply || $after->shutIn >= $after->bar(),
                        'pressure comes from the supply or was shut in: '.$told,
                    );
                    self::assertTrue(
                        $after->quarters >= 0 &&
                            $after->quarters <= Pot::MOST_QUARTERS &&
                            $after->mediaKg >= 0 &&
                            $after->mediaKg <= Pot::FULL_KG &&
                            $after->water >= 0,
                        $told,
                    );
                    self::assertTrue(
                        $after->flow() === Flow::Nothing || ($after->pressed && $after->bar() > 0),
                        'nothing flows without air and a hand: '.$told,
                    );
                    self::assertTrue(
                        $after->flow() !== Flow::Even || ($after->mediaKg > 0 && $after->choke && ! $after->plugged),
                        $told,
                    );
                    self::assertTrue(
                        ! $pot->gritty || ($after->gritty && $after->set === $pot->set),
                        'a gritty regulator never heals nor turns: '.$told,
                    );
                    self::assertTrue(! $pot->leaky || $after->leaky, $told);
                    self::assertTrue(! $after->loose || $after->bar() === 0, $told);
                    self::assertTrue(
                        $after->mediaKg <= $pot->mediaKg || $move === PotMove::Fill,
                        'media comes only from the drum: '.$told,
                    );
                    self::assertTrue(! $after->pressed || $pot->pressed || $move === PotMove::Press, $told);
                    self::assertContainsOnlyInstancesOf(Hazard::class, $hazards);
                    $pot = $after;
                }
            });
    }

    /** @return array<string, array{Hazard, Pot, string}> the shortest wrong turn for each */
    public static function wrongTurns(): array
    {
        $running = new Pot(
            pinned: true,
            supply: true,
            set: 5,
            quarters: 3,
            mediaKg: 20,
            pressed: true,
            settled: true,
        );
        $ready = new Pot(pinned: true, supply: true, set: 5);

        return [
            'whip at the supply' => [Hazard::Whip, new Pot(set: 5), 'open_supply'],
            'whip at the regulator' => [Hazard::Whip, new Pot(supply: true), 'turn_up'],
            'whip at the vent' => [Hazard::Whip, new Pot(supply: true, set: 5, vent: true), 'close_vent'],
            'grit under pressure' => [Hazard::GritInRegulator, $ready, 'turn_down'],
            'grit though vented' => [Hazard::GritInRegulator, $ready, 'open_vent turn_down'],
            'stuck safety' => [Hazard::StuckSafety, $ready, 'lift_safety'],
            'lid under pressure' => [Hazard::BlownOpen, $ready, 'fill'],
            'lid with pressure shut in' => [Hazard::BlownOpen, $ready, 'close_supply fill'],
            'lid with the supply on' => [Hazard::BlownOpen, $ready, 'open_vent fill'],
            'wet media' => [
                Hazard::Plugged,
                new Pot(pinned: true, water: 3, supply: true, set: 5),
                'press more_media',
            ],
            'packed media' => [Hazard::Plugged, $running, 'more_media more_media more_media'],
            'flooded' => [Hazard::Flooded, $running, 'more_media more_media'],
            'a valve open at the start' => [Hazard::Flooded, $ready, 'more_media more_media more_media press'],
            'starved on going back' => [Hazard::Starved, $running, 'let_go less_media press'],
            'surge' => [Hazard::Surge, $running, 'close_choke'],
            'alive in the hand' => [Hazard::Surge, $running, 'open_vent close_vent'],
        ];
    }

    #[DataProvider('wrongTurns')]
    public function test_every_wrong_move_has_its_real_consequence(Hazard $expected, Pot $pot, string $moves): void
    {
        $all = [];
        foreach (self::moves($moves) as $move) {
            [$pot, $hazards] = $pot->after($move);
            $all = [...$all, ...$hazards];
        }
        self::assertContains($expected, $all);
        self::assertSame($expected, end($all), 'and only the last move set it off');
    }

    public function test_every_hazard_is_reachable_and_named(): void
    {
        $reached = array_unique(
            array_map(fn (array $turn): string => $turn[0]->value, array_values(self::wrongTurns())),
        );
        self::assertEqualsCanonicalizing(array_column(Hazard::cases(), 'value'), $reached);
        foreach (Hazard::cases() as $hazard) {
            self::assertNotSame('', $hazard->name().$hazard->happened().$hazard->instead());
        }
        foreach ([...PotMove::cases(), ...Flow::cases()] as $case) {
            self::assertNotSame('', $case instanceof PotMove ? $case->label().$case->at() : $case->sounds());
        }
    }

    public function test_what_is_broken_stays_broken_and_shows(): void
    {
        [$leaky] = (new Pot(pinned: true, supply: true, set: 6))->after(PotMove::LiftSafety);
        self::assertSame(2, $leaky->bar(), 'it holds no more than the leak lets it');
        [$gritty] = (new Pot(pinned: true, supply: true, set: 6))->after(PotMove::TurnDown);
        [$same] = $gritty->after(PotMove::TurnUp);
        self::assertSame(6, $same->bar());
        [$loose] = (new Pot(supply: true))->after(PotMove::TurnUp);
        self::assertTrue($loose->loose);
        [$still] = $loose->after(PotMove::Press);
        self::assertEquals($loose, $still, 'with the hose loose only the air can be shut off');
        [$off] = $loose->after(PotMove::CloseSupply);
        [$pinned] = $off->after(PotMove::PinCouplings);
        self::assertFalse($pinned->loose);
    }

    public function test_a_plug_is_cleared_by_the_choke_and_not_otherwise(): void
    {
        $plugged = Exercise::all()['plug']->start;
        self::assertSame(Flow::AirOnly, $plugged->flow());
        foreach ([PotMove::MoreMedia, PotMove::LessMedia, PotMove::TurnUp] as $move) {
            self::assertTrue($plugged->after($move)[0]->plugged);
        }
        [$pushed] = $plugged->after(PotMove::CloseChoke);
        self::assertFalse($pushed->plugged);
        self::assertSame(Flow::Even, $pushed->after(PotMove::OpenChoke)[0]->flow());
    }

    public function test_every_exercise_has_a_safe_way_that_scores_full_and_grows_no_easier_by_skipping(): void
    {
        foreach (Exercise::all() as $key => $exercise) {
            self::assertFalse($exercise->reached($exercise->start), $key);
            $way = $exercise->shortest();
            self::assertNotSame([], $way, $key);
            [$pot, $hazards] = $exercise->play($way);
            self::assertTrue($exercise->reached($pot), $key);
            self::assertSame([], array_merge(...$hazards), $key);
            self::assertSame(100, $exercise->score($way));
            for ($skip = 0; $skip < count($way); $skip++) {
                [$short, $wrong] = $exercise->play(array_values(array_diff_key($way, [$skip => 1])));
                self::assertTrue(
                    ! $exercise->reached($short) || array_merge(...$wrong ?: [[]]) !== [],
                    "{$key} without move {$skip} would be as good",
                );
            }
        }
    }

    public function test_the_score_takes_detours_lightly_and_hurts_hard(): void
    {
        $exercise = Exercise::all()['lower'];
        $way = $exercise->shortest();
        self::assertSame(95, $exercise->score([...$way, PotMove::LessMedia]));
        self::assertSame(35, $exercise->score([PotMove::TurnDown, ...$way]));
        self::assertSame(0, $exercise->score([PotMove::TurnDown, PotMove::Fill, ...$way]));
        [, $hazards] = $exercise->play([PotMove::LetGo, PotMove::TurnDown]);
        self::assertSame([[], [Hazard::GritInRegulator]], $hazards);
    }
}
