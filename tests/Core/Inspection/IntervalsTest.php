<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\CoatAlone;
use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Inspection\Wilson;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Trade\FilmCriterion;
use PHPUnit\Framework\TestCase;

/** What a page tells as "±", "two in three" or "19 in 20", tried on invented shops whose truth is known. */
final class IntervalsTest extends TestCase
{
    protected function setUp(): void
    {
        mt_srand(26);
    }

    private static function chance(): float
    {
        return mt_rand(1, 1_000_000) / 1_000_000;
    }

    private static function normal(float $mean = 0.0, float $deviation = 1.0): float
    {
        return $mean + $deviation * sqrt(-2 * log(self::chance())) * cos(2 * M_PI * self::chance());
    }

    /** @param  callable(): bool  $held */
    private static function share(int $rounds, callable $held): float
    {
        $count = 0;
        for ($n = 0; $n < $rounds; $n++) {
            $count += $held() ? 1 : 0;
        }

        return $count / $rounds;
    }

    /** The next job ends between what a shop's logged jobs say two times in three. */
    public function test_two_in_three_of_the_next_jobs_end_between(): void
    {
        foreach ([5, 10, 20] as $logs) {
            $share = self::share(2000, function () use ($logs): bool {
                // Shops differ from standard times by a quarter, and jobs from their shop by three tenths.
                $shop = self::normal(0.0, 0.25);
                $job = fn (): array => [40.0, 40.0 * exp(self::normal($shop, 0.3))];
                $learned = ShopFactor::from(array_map($job, range(1, $logs)));
                [$low, $high] = $learned->between($learned->factor * 40.0);
                $next = $job()[1];

                return $next >= $low && $next <= $high;
            });
            self::assertGreaterThan(0.60, $share, "{$logs} logs");
            self::assertLessThan(0.75, $share, "{$logs} logs");
        }
    }

    /** A share with its line holds the true share 19 times in 20, of few jobs and of many. */
    public function test_a_share_s_line_holds_the_truth_nineteen_times_in_twenty(): void
    {
        foreach ([[0.05, 20], [0.3, 12], [0.5, 40], [0.9, 200]] as [$true, $n]) {
            $share = self::share(2000, function () use ($true, $n): bool {
                $of = count(array_filter(range(1, $n), fn (): bool => self::chance() < $true));
                $told = Wilson::of($of, $n);

                return $true >= $told->low && $true <= $told->high;
            });
            self::assertGreaterThan(0.92, $share, "{$true} of {$n}");
            self::assertLessThan(0.995, $share, "{$true} of {$n}");
        }
    }

    /** Where readings are called enough, the mean of the part is on the side of the limit it is told to be. */
    public function test_enough_readings_are_enough(): void
    {
        $told = $right = 0;
        for ($round = 0; $round < 1200; $round++) {
            $true = 50 + 50 * self::chance();
            $readings = array_map(fn (): float => max(1.0, self::normal($true, 6.0)), range(1, 5));
            $judged = FilmJudgement::of(FilmReadings::of($readings), 60, 90, FilmCriterion::Plain);
            if ($judged->more !== 0) {
                continue;
            }
            $told++;
            $mean = $judged->film->mean;
            $limit = abs($mean - 60) < abs($mean - 90) ? 60 : 90;
            $right += ($mean < $limit) === ($true < $limit) ? 1 : 0;
        }
        self::assertGreaterThan(300, $told);
        self::assertGreaterThan(0.95, $right / $told);
    }

    /** One coat alone: the ± behind it holds the true film of that coat 19 times in 20, and is not idle. */
    public function test_one_coat_alone_is_within_its_plus_or_minus(): void
    {
        foreach ([[3, 3], [5, 5], [10, 5]] as [$n, $m]) {
            $share = self::share(2000, function () use ($n, $m): bool {
                $read = fn (float $mean, float $spread, int $times): FilmReadings => FilmReadings::of(
                    array_map(fn (): float => max(1.0, self::normal($mean, $spread)), range(1, $times)),
                );
                $alone = CoatAlone::of($read(145.0, 7.0, $n), $read(75.0, 4.0, $m));

                return abs($alone->um - 70.0) <= $alone->halfUm;
            });
            self::assertGreaterThan(0.93, $share, "{$n} and {$m} readings");
            self::assertLessThan(0.999, $share, "{$n} and {$m} readings");
        }
    }
}
