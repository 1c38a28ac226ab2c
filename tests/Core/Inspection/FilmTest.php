<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\CoatAlone;
use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Inspection\GaugeFile;
use Aenum\Core\Inspection\StudentT;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Film against its band, the three ways, each bound on both sides; and files of gauges, good and bad. */
final class FilmTest extends TestCase
{
    /** @param  list<float>  $um */
    private static function judged(array $um, FilmCriterion $way, ?float $nominal = null): FilmJudgement
    {
        return FilmJudgement::of(FilmReadings::of($um), 60, 90, $way, $nominal);
    }

    public function test_a_band_may_begin_at_nothing_and_ends_no_lower_than_it_begins(): void
    {
        $film = FilmReadings::of([0.5]);
        self::assertTrue(FilmJudgement::of($film, 0.0, 0.5, FilmCriterion::Plain)->ok);
        self::assertFalse(FilmJudgement::of($film, 0.0, 0.0, FilmCriterion::Plain)->ok);
        $this->expectException(InvalidInput::class);
        FilmJudgement::of($film, 0.5, 0.49, FilmCriterion::Plain);
    }

    public function test_how_many_readings_would_settle_it_is_said_as_a_person_says_it(): void
    {
        $says = fn (float ...$um): string => self::judged(array_values($um), FilmCriterion::Plain)->settledWords();
        self::assertStringStartsWith('One reading says nothing of the spread', $says(75));
        self::assertStringStartsWith('The mean lies on the limit', $says(59, 61));
        self::assertStringStartsWith('Enough readings', $says(75, 75.5, 76));
        // Spread of 2.83 about 64: t(0.975, 1) asks for more than two, t(0.975, 2) for 7.0 um and t(0.975, 3) for 4.5.
        self::assertSame(3, self::judged([62, 66], FilmCriterion::Plain)->more);
        self::assertStringStartsWith('3 more readings like these', $says(62, 66));
        // Spread of 2.50 about 64: four readings ask for 3.97 um, and there are 4.
        self::assertStringStartsWith('One more reading like these', $says(61.2, 64.8, 66));
    }

    public function test_plain_holds_every_reading_to_the_band(): void
    {
        self::assertTrue(self::judged([60, 90], FilmCriterion::Plain)->ok);
        self::assertFalse(self::judged([59.9, 70], FilmCriterion::Plain)->ok);
        self::assertFalse(self::judged([70, 90.1], FilmCriterion::Plain)->ok);
        self::assertTrue(self::judged([59.9, 70], FilmCriterion::Plain)->isThin());
        self::assertFalse(self::judged([70, 90.1], FilmCriterion::Plain)->isThin());
    }

    public function test_eighty_holds_the_mean_to_the_nominal_and_the_least_to_four_fifths_of_it(): void
    {
        self::assertTrue(self::judged([56, 84], FilmCriterion::Eighty, 70)->ok);
        self::assertFalse(self::judged([55.9, 90], FilmCriterion::Eighty, 70)->ok);
        self::assertFalse(self::judged([69.9, 70], FilmCriterion::Eighty, 70)->ok);
        self::assertTrue(self::judged([70, 108], FilmCriterion::Eighty, 70)->ok, '120 % of the upper limit of 90');
        self::assertFalse(self::judged([70, 108.1], FilmCriterion::Eighty, 70)->ok);
        $this->expectException(InvalidInput::class);
        self::judged([70], FilmCriterion::Eighty);
    }

    public function test_spots_of_three_may_lie_a_fifth_outside_where_their_mean_does_not(): void
    {
        $spots = fn (float ...$means): ?bool => self::judged(
            array_merge(...array_map(fn (float $um): array => [$um, $um, $um], $means)), FilmCriterion::Spot,
        )->ok;
        self::assertTrue($spots(48, 80, 80));
        self::assertFalse($spots(47.9, 80, 80));
        self::assertTrue($spots(108, 60, 60));
        self::assertFalse($spots(108.1, 60, 60));
        self::assertFalse($spots(50, 60, 60), 'the mean is under the band');
        $free = self::judged([10, 70, 100, 70, 70, 70, 70, 70, 70], FilmCriterion::Spot);
        self::assertTrue($free->ok, 'single readings are free');
    }

    public function test_the_spot_method_wants_its_number_of_spots(): void
    {
        $spots = fn (int $n): array => array_fill(0, 3 * $n, 70.0);
        $two = self::judged($spots(2), FilmCriterion::Spot);
        self::assertNull($two->ok, 'two spots give no verdict');
        self::assertSame('No verdict from 2 of 5 spots: take at least 3, three readings each.', $two->why());
        self::assertFalse($two->isThin());
        $three = self::judged($spots(3), FilmCriterion::Spot);
        self::assertTrue($three->ok);
        self::assertSame('Take 2 more spots: 5 are wanted.', $three->why());
        self::assertNull(self::judged($spots(5), FilmCriterion::Spot)->why());
        // Readings left over are a spot of their own: here the third, and it is far too thin.
        $left = self::judged([...$spots(2), 5.0], FilmCriterion::Spot);
        self::assertSame([7, 3, false], [$left->film->n, count($left->spots), $left->ok]);
        $wanted = fn (?float $m2): int => FilmJudgement::of(
            FilmReadings::of($spots(3)), 60, 90, FilmCriterion::Spot, areaM2: $m2,
        )->spotsWanted;
        self::assertSame([5, 5, 5, 10, 10, 15], array_map($wanted, [null, 0.2, 10.0, 10.1, 20.0, 20.1]));
        self::assertSame(0, self::judged([70], FilmCriterion::Plain)->spotsWanted);
        $this->expectException(InvalidInput::class);
        $wanted(0.0);
    }

    public function test_how_many_more_would_settle_it_is_the_least_that_does(): void
    {
        foreach ([[61.0, 75, 50], [88.0, 92, 80, 71], [62.0, 63, 58, 66, 64]] as $um) {
            $judged = self::judged($um, FilmCriterion::Plain);
            $film = $judged->film;
            $distance = min(abs($film->mean - 60), abs($film->mean - 90));
            $reach = fn (int $k): float => StudentT::quantile(0.975, $k - 1) * $film->deviation / sqrt($k);
            self::assertNotNull($judged->more);
            self::assertLessThanOrEqual($distance, $reach($film->n + $judged->more));
            self::assertGreaterThan(0, $judged->more);
            self::assertGreaterThan($distance, $reach($film->n + $judged->more - 1));
        }
        self::assertSame(0, self::judged([75, 75, 75], FilmCriterion::Plain)->more, 'no spread');
        self::assertNull(self::judged([75], FilmCriterion::Plain)->more, 'one says nothing of the spread');
        self::assertNull(self::judged([59, 61], FilmCriterion::Plain)->more, 'on the limit');
        self::assertNull(self::judged([10, 110.002], FilmCriterion::Plain)->more, 'past a hundred thousand');
    }

    public function test_t_is_that_of_the_printed_tables(): void
    {
        foreach (
            [
                1 => 12.7062, 2 => 4.3027, 3 => 3.1824, 4 => 2.7764, 5 => 2.5706, 9 => 2.2622, 10 => 2.2281,
                20 => 2.0860, 30 => 2.0423, 60 => 2.0003, 120 => 1.9799, 1000 => 1.9623, 100000 => 1.9600,
            ] as $freedom => $t
        ) {
            self::assertEqualsWithDelta($t, StudentT::quantile(0.975, $freedom), 5e-5, "t of {$freedom}");
        }
        self::assertEqualsWithDelta(0.0, StudentT::quantile(0.5, 7), 1e-6);
        self::assertEqualsWithDelta(6.3138, StudentT::quantile(0.95, 1), 5e-5);
    }

    public function test_a_coat_by_itself_is_the_difference_with_both_spreads_in_it(): void
    {
        $before = FilmReadings::of([70.0, 74.0, 72.0]);
        $alone = CoatAlone::of(FilmReadings::of([140.0, 150.0, 145.0]), $before);
        // By hand: 145 − 72; t(0.975, 2) = 4.3027 times the root of 25/3 + 4/3.
        self::assertEqualsWithDelta(73.0, $alone->um, 1e-9);
        self::assertEqualsWithDelta(4.302653 * sqrt(29 / 3), (float) $alone->halfUm, 1e-4);
        self::assertSame('Slate by itself: 73 µm, ± 13.4 µm', $alone->words('Slate')->in(UnitSystem::Metric));
        // The fewer of the two decide how sure it is.
        $many = CoatAlone::of(FilmReadings::of(array_merge(...array_fill(0, 10, [140.0, 150.0, 145.0]))), $before);
        self::assertEqualsWithDelta(4.302653 * sqrt(500 / 29 / 30 + 4 / 3), (float) $many->halfUm, 1e-4);
        $once = CoatAlone::of(FilmReadings::of([145.0]), $before);
        self::assertNull($once->halfUm);
        self::assertSame('Slate by itself: 73 µm', $once->words('Slate')->in(UnitSystem::Metric));
    }

    public function test_the_picture_of_readings_counts_every_one(): void
    {
        $bins = FilmReadings::of([10, 60, 60.1, 89.9, 90, 200])->spread(60, 90, 3);
        self::assertSame([3, 0, 3], array_column($bins, 'count'));
        self::assertEqualsWithDelta(70.0, $bins[0]['to'], 1e-9);
    }

    /** @return array<string, array{string, ?float, array<string, list<float>>}> */
    public static function files(): array
    {
        return [
            'semicolons, decimal comma' => [
                "Export;;\nNo;Spot;Film (µm)\n1;rail;71,5\n2;rail;70\n\n3;post;80,1\n", null,
                ['rail' => [71.5, 70.0], 'post' => [80.1]],
            ],
            'mils in the header' => ["reading,mils\n1,2.9\n2,3.0\n", null, ['' => [73.66, 76.2]]],
            'a bare column, the unit asked' => ["71,5\r\n72\r\n", 1.0, ['' => [71.5, 72.0]]],
            'tabs and a byte order mark' => ["\xEF\xBB\xBFzone\tDFT um\nfoot\t81\n", null, ['foot' => [81.0]]],
            'millimetres' => ["n;thickness mm\n1;0,072\n", null, ['' => [72.0]]],
        ];
    }

    /** @param  array<string, list<float>>  $spots */
    #[DataProvider('files')]
    public function test_a_gauge_s_file_is_read_as_it_was_written(string $csv, ?float $unit, array $spots): void
    {
        $read = GaugeFile::parse($csv, $unit)->bySpot();
        self::assertSame(array_keys($spots), array_keys($read));
        foreach ($spots as $spot => $um) {
            self::assertEqualsWithDelta($um, $read[$spot], 1e-9);
        }
    }

    /** @return array<string, array{string, string}> */
    public static function badFiles(): array
    {
        return [
            'no unit' => ["reading\n71\n", 'unit'],
            'empty' => ['', 'header'],
            'words only' => ["film um\nthick\n", ''],
            'a word among figures' => ["film um\n71\nthick\n", 'line 3'],
            'a negative' => ["film um\n-3\n", 'line 2'],
            'nought' => ["film um\n70\n0\n", 'line 3'],
            'beyond any film' => ["film um\n5000.1\n", 'line 2'],
            'which column' => ["a;b\n1;2\n", 'header'],
            'too many' => ["film um\n".str_repeat("70\n", 10001), ''],
        ];
    }

    #[DataProvider('badFiles')]
    public function test_a_bad_file_is_refused_by_its_place(string $csv, string $place): void
    {
        try {
            GaugeFile::parse($csv, null);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($place, $e->place);
        }
    }

    public function test_ten_thousand_readings_are_read_and_no_bytes_break_it(): void
    {
        self::assertCount(10000, GaugeFile::parse("film um\n".str_repeat("70\n", 10000), null)->readings);
        mt_srand(7);
        $good = "No;Spot;Film (µm)\n1;rail;71,5\n2;rail;70\n3;post;80,1\n";
        for ($n = 0; $n < 400; $n++) {
            $bad = $good;
            for ($k = 0; $k < 1 + $n % 6; $k++) {
                $bad[mt_rand(0, strlen($bad) - 1)] = chr(mt_rand(0, 255));
            }
            try {
                foreach (GaugeFile::parse($bad, null)->readings as $one) {
                    self::assertTrue($one['um'] > 0 && $one['um'] <= 5000);
                }
            } catch (InvalidInput $e) {
                self::assertStringNotContainsString("\n", $e->getMessage());
            }
        }
    }
}
