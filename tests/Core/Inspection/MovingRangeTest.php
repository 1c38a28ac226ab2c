<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\Drift;
use Aenum\Core\Inspection\MovingRange;
use PHPUnit\Framework\TestCase;

/** The chart of individuals at its limits, on both sides of each. */
final class MovingRangeTest extends TestCase
{
    /** @return list<float> nine and eleven in turn: middle 10, mean range 2 */
    private static function first(): array
    {
        return array_map(fn (int $n): float => $n % 2 === 0 ? 9.0 : 11.0, range(0, MovingRange::TO_SET - 1));
    }

    private static function drift(float ...$after): ?Drift
    {
        return MovingRange::of([...self::first(), ...array_values($after)])->drift();
    }

    public function test_limits_are_of_the_first_twenty_by_hand(): void
    {
        $chart = MovingRange::of([...self::first(), 50.0, -50.0]);
        self::assertSame(10.0, $chart->middle);
        self::assertEqualsWithDelta(10 - 6 / 1.128, $chart->low, 1e-12);
        self::assertEqualsWithDelta(10 + 6 / 1.128, $chart->high, 1e-12);
        self::assertEqualsWithDelta(6.534, $chart->mostRange, 1e-12);
        self::assertTrue($chart->isSet());
        $few = MovingRange::of(array_slice(self::first(), 1));
        self::assertSame([false, null], [$few->isSet(), $few->drift()]);
        self::assertNull(MovingRange::of(self::first())->drift(), 'what set the limits is not judged by them');
    }

    public function test_a_value_drifts_past_its_limit_and_not_on_it(): void
    {
        $chart = MovingRange::of(self::first());
        self::assertNull(self::drift((float) $chart->high));
        self::assertSame(Drift::Above, self::drift($chart->high + 1e-9));
        self::assertNull(self::drift(9.0, (float) $chart->low));
        self::assertSame(Drift::Below, self::drift(9.0, $chart->low - 1e-9));
    }

    public function test_a_jump_is_more_than_the_most_range_within_the_limits(): void
    {
        self::assertNull(self::drift(7.0, 13.5));
        self::assertSame(Drift::Jump, self::drift(7.0, 13.54));
        self::assertSame(Drift::Jump, self::drift(13.54, 7.0));
    }

    public function test_eight_on_one_side_are_a_run_and_seven_are_not(): void
    {
        $run = fn (int $count, float $value): array => array_fill(0, $count, $value);
        self::assertNull(self::drift(...$run(7, 10.5)));
        self::assertSame(Drift::RunAbove, self::drift(...$run(8, 10.5)));
        self::assertSame(Drift::RunBelow, self::drift(...$run(8, 9.5)));
        self::assertNull(self::drift(...[...$run(7, 10.5), 9.9]), 'the latest ended it');
        self::assertNull(self::drift(...[...$run(4, 10.5), 10.0, ...$run(7, 10.5)]), 'one on the middle breaks it');
        self::assertNull(self::drift(...$run(9, 10.0)), 'on the middle is on no side');
    }
}
