<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\Drift;
use Aenum\Core\Inspection\MovingRange;
use Aenum\Core\Inspection\Wilson;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Shares with their intervals, and charts of individuals, against figures worked by hand and printed ones. */
final class ChartsTest extends TestCase
{
    public function test_wilson_s_interval_is_that_of_the_printed_examples(): void
    {
        foreach (
            [
                [8, 10, 0.4902, 0.9433], [0, 3, 0.0, 0.5615], [3, 3, 0.4385, 1.0], [81, 263, 0.2553, 0.3662],
                [15, 148, 0.0624, 0.1605], [0, 20, 0.0, 0.1611], [1, 29, 0.0061, 0.1718], [29, 29, 0.8830, 1.0],
            ] as [$of, $n, $low, $high]
        ) {
            $share = Wilson::of($of, $n);
            self::assertEqualsWithDelta($low, $share->low, 5e-5, "{$of} of {$n}");
            self::assertEqualsWithDelta($high, $share->high, 5e-5, "{$of} of {$n}");
            self::assertEqualsWithDelta($of / $n, $share->share, 1e-12);
        }
        self::assertGreaterThan(0.0, Wilson::of(1, 1_000_000_000)->high);
        $this->expectException(InvalidInput::class);
        Wilson::of(4, 3);
    }

    /** @return list<float> twenty values that go up and down by two about 70 */
    private static function quiet(float ...$then): array
    {
        $first = [];
        for ($n = 0; $n < MovingRange::TO_SET; $n++) {
            $first[] = 70.0 + ($n % 2 === 0 ? 1 : -1);
        }

        return [...$first, ...array_values($then)];
    }

    public function test_limits_are_of_the_first_twenty_alone(): void
    {
        // Mean 70, mean range 2: 70 ± 3·2/1.128, and 3.267·2.
        $chart = MovingRange::of(self::quiet(500, 600));
        self::assertEqualsWithDelta(70.0, (float) $chart->middle, 1e-9);
        self::assertEqualsWithDelta(64.6809, (float) $chart->low, 1e-4);
        self::assertEqualsWithDelta(75.3191, (float) $chart->high, 1e-4);
        self::assertEqualsWithDelta(6.534, (float) $chart->mostRange, 1e-4);
        // The first range counts as the others do: 18 of 2, one of 21.
        $first = self::quiet();
        $first[0] = 90.0;
        self::assertEqualsWithDelta(3.267 * (18 * 2 + 21) / 19, (float) MovingRange::of($first)->mostRange, 1e-9);
        $just = MovingRange::of(self::quiet());
        self::assertTrue($just->isSet());
        self::assertNull($just->drift(), 'none came after the first');
        $few = MovingRange::of(array_slice(self::quiet(), 1));
        self::assertFalse($few->isSet());
        self::assertNull($few->drift());
    }

    public function test_a_drift_is_raised_at_its_limit_and_not_before(): void
    {
        $of = fn (float ...$then): ?Drift => MovingRange::of(self::quiet(...$then))->drift();
        self::assertNull($of());
        self::assertNull($of(75.3));
        self::assertSame(Drift::Above, $of(75.4));
        self::assertNull($of(64.7));
        self::assertSame(Drift::Below, $of(64.6));
        $chart = MovingRange::of(self::quiet());
        self::assertNull($of((float) $chart->high), 'on the limit is within');
        self::assertNull($of((float) $chart->low), 'on the limit is within');
        self::assertNull($of(67, 73.5));
        self::assertSame(Drift::Jump, $of(67, 73.6));
        self::assertNull($of(...array_fill(0, 7, 71.0)));
        self::assertSame(Drift::RunAbove, $of(...array_fill(0, 8, 71.0)));
        self::assertSame(Drift::RunBelow, $of(...array_fill(0, 8, 69.0)));
        self::assertNull($of(69, 69, 69, 69, 71, 69, 69, 69), 'the run is broken');
        self::assertNull($of(...array_fill(0, 9, 70.0)), 'on the middle is on no side');
    }
}
