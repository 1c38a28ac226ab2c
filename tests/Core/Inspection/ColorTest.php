<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\CrossCut;
use Aenum\Core\Inspection\DeltaE;
use Aenum\Core\Inspection\Gloss;
use Aenum\Core\Inspection\RubPressure;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Colour against the published pairs; rub, lattice and gloss at their bounds. */
final class ColorTest extends TestCase
{
    /** Published test data of the formula: L*, a*, b* of two colours, and how far they lie apart. */
    private const PAIRS = [
        [50.0, 2.6772, -79.7751, 50.0, 0.0, -82.7485, 2.0425],
        [50.0, 3.1571, -77.2803, 50.0, 0.0, -82.7485, 2.8615],
        [50.0, 2.8361, -74.0200, 50.0, 0.0, -82.7485, 3.4412],
        [50.0, -1.3802, -84.2814, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, -1.1848, -84.8006, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, -0.9009, -85.5211, 50.0, 0.0, -82.7485, 1.0000],
        [50.0, 0.0, 0.0, 50.0, -1.0, 2.0, 2.3669],
        [50.0, -1.0, 2.0, 50.0, 0.0, 0.0, 2.3669],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0009, 7.1792],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0010, 7.1792],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0011, 7.2195],
        [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0012, 7.2195],
        [50.0, -0.0010, 2.4900, 50.0, 0.0009, -2.4900, 4.8045],
        [50.0, -0.0010, 2.4900, 50.0, 0.0010, -2.4900, 4.8045],
        [50.0, -0.0010, 2.4900, 50.0, 0.0011, -2.4900, 4.7461],
        [50.0, 2.5, 0.0, 50.0, 0.0, -2.5, 4.3065],
        [50.0, 2.5, 0.0, 73.0, 25.0, -18.0, 27.1492],
        [50.0, 2.5, 0.0, 61.0, -5.0, 29.0, 22.8977],
        [50.0, 2.5, 0.0, 56.0, -27.0, -3.0, 31.9030],
        [50.0, 2.5, 0.0, 58.0, 24.0, 15.0, 19.4535],
        [50.0, 2.5, 0.0, 50.0, 3.1736, 0.5854, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 3.2972, 0.0, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 1.8634, 0.5757, 1.0000],
        [50.0, 2.5, 0.0, 50.0, 3.2592, 0.3350, 1.0000],
        [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
        [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630],
        [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731],
        [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
        [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373],
        [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
        [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441],
        [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
        [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
        [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082],
    ];

    public function test_the_published_pairs_hold_to_four_decimals(): void
    {
        foreach (self::PAIRS as $n => [$l1, $a1, $b1, $l2, $a2, $b2, $apart]) {
            $there = DeltaE::between([$l1, $a1, $b1], [$l2, $a2, $b2]);
            self::assertEqualsWithDelta($apart, $there->de00, 5e-5, 'pair '.($n + 1));
            $back = DeltaE::between([$l2, $a2, $b2], [$l1, $a1, $b1]);
            self::assertEqualsWithDelta($apart, $back->de00, 5e-5, 'pair '.($n + 1).' the other way');
            self::assertSame(0.0, DeltaE::between([$l1, $a1, $b1], [$l1, $a1, $b1])->de00);
            self::assertEqualsWithDelta(
                sqrt(($l1 - $l2) ** 2 + ($a1 - $a2) ** 2 + ($b1 - $b2) ** 2),
                $there->de76,
                1e-9,
            );
        }
    }

    public function test_a_colour_beyond_all_colours_is_named(): void
    {
        $beyond = [
            [[150.1, 0, 0], 'lab2[0]'], [[-0.1, 0, 0], 'lab2[0]'], [[50, -200.1, 0], 'lab2[1]'],
            [[50, 200.1, 0], 'lab2[1]'], [[50, 0, 200.1], 'lab2[2]'], [[50, 0, -200.1], 'lab2[2]'],
        ];
        foreach ($beyond as [$lab, $at]) {
            try {
                DeltaE::between([50, 0, 0], $lab);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($at, $e->place);
            }
        }
        self::assertGreaterThan(0, DeltaE::between([150, -200, 200], [0, 200, -200])->de00);
        // A grey has no hue: what is between it and a colour is lightness and chroma alone, whichever way it is read.
        self::assertEqualsWithDelta(
            DeltaE::between([50, 0, 0], [50, 10, 0])->de00,
            DeltaE::between([50, 10, 0], [50, 0, 0])->de00,
            1e-12,
        );
    }

    public function test_a_rub_pressed_hard_says_nothing_where_it_is_a_bad_one(): void
    {
        self::assertSame('fail', SolventRub::of(50, 2)->verdict(true));
        self::assertSame('pass', SolventRub::of(50, 3)->verdict(true));
        self::assertSame('not_judged', SolventRub::of(50, 2, RubPressure::Hard)->verdict(true));
        self::assertSame('pass', SolventRub::of(50, 3, RubPressure::Hard)->verdict(true));
        self::assertSame('fail', SolventRub::of(50, 1, RubPressure::Light)->verdict(true));
        self::assertSame('not_judged', SolventRub::of(50, 5)->verdict(false));
        self::assertSame([1, 500], [SolventRub::of(1, 5)->rubs, SolventRub::of(500, 5)->rubs]);
        foreach ([[0, 5], [501, 5], [50, 0], [50, 6]] as [$rubs, $rating]) {
            try {
                SolventRub::of($rubs, $rating);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($rating === 5 ? 'rubs' : 'rating', $e->place);
            }
        }
    }

    public function test_the_lattice_is_cut_by_the_film_and_judged_by_what_was_agreed(): void
    {
        self::assertSame('pass', CrossCut::of(0)->verdict(0));
        self::assertSame('pass', CrossCut::of(1)->verdict());
        self::assertSame('fail', CrossCut::of(2)->verdict());
        self::assertSame('pass', CrossCut::of(2)->verdict(2));
        self::assertSame([1, 1, 2, 2, 3, 3, null], array_map(CrossCut::apartMm(...), [
            1.0, 60.0, 60.1, 120.0, 120.1, 250.0, 250.1,
        ]));
        foreach ([-1, 6] as $none) {
            try {
                CrossCut::of($none);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame('rating', $e->place);
            }
        }
    }

    public function test_gloss_is_judged_by_the_sheet_and_read_at_the_angle_that_tells(): void
    {
        self::assertSame('pass', Gloss::of(70, 60)->verdict(70, 90));
        self::assertSame('fail', Gloss::of(69.9, 60)->verdict(70, 90));
        self::assertSame('pass', Gloss::of(90, 60)->verdict(70, 90));
        self::assertSame('fail', Gloss::of(90.1, 60)->verdict(70, 90));
        self::assertSame('not_judged', Gloss::of(90, 60)->verdict(null, null));
        $verdicts = fn (?float $low, ?float $high): array => array_map(
            fn (float $units): string => Gloss::of($units, 60)->verdict($low, $high),
            [69.0, 70.0, 90.0, 91.0],
        );
        self::assertSame(['fail', 'pass', 'pass', 'pass'], $verdicts(70, null));
        self::assertSame(['pass', 'pass', 'pass', 'fail'], $verdicts(null, 90));
        self::assertSame([0.0, 2000.0], [Gloss::of(0, 85)->units, Gloss::of(2000, 20)->units]);
        foreach ([-0.1, 2000.1] as $none) {
            try {
                Gloss::of($none, 60);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame('gloss', $e->place);
            }
        }
        self::assertSame([null, 20, null, 85], array_map(
            fn (float $units): ?int => Gloss::of($units, 60)->betterAngle(),
            [70.0, 70.1, 10.0, 9.9],
        ));
        self::assertNull(Gloss::of(95, 20)->betterAngle());
        $this->expectException(InvalidInput::class);
        Gloss::of(50, 45);
    }
}
