<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\ArrheniusRate;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureMeter;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Thermal\Segment;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

final class CureSheetTest extends TestCase
{
    private static function flat(float $celsius, float $minutes): Segment
    {
        return Segment::straight(0, 60 * $minutes, $celsius, $celsius);
    }

    private static function judged(CureSheet $sheet, Segment ...$course): Judgement
    {
        $meter = (new CureMeter($sheet))->along($course);

        return Judgement::of($meter, $meter);
    }

    public function test_two_rows_are_met_exactly_and_a_law_of_its_own_is_found_again(): void
    {
        $two = Loads::sheet([[180, 18, 32], [200, 8, 14]]);
        self::assertEqualsWithDelta(18, $two->needs->minutesAt(180), 1e-9);
        self::assertEqualsWithDelta(8, $two->needs->minutesAt(200), 1e-9);
        self::assertEqualsWithDelta(14, $two->stands->minutesAt(200), 1e-9);
        $made = fn (float $c): float => exp(-20 + 10500 / ($c + 273.15));
        $many = Loads::sheet(array_map(fn (float $c): array => [$c, $made($c), null], [160.0, 170.0, 185.0, 200.0]));
        self::assertEqualsWithDelta(-20, $many->needs->a, 1e-6);
        self::assertEqualsWithDelta(10500, $many->needs->b, 1e-4);
        self::assertNull($many->stands);
    }

    public function test_three_rows_are_fitted_by_least_squares(): void
    {
        // By hand, x = 1/T: slope = Σ(x−x̄)(y−ȳ)/Σ(x−x̄)² over (453.15, ln 18), (463.15, ln 12), (473.15, ln 8).
        $x = [1 / 453.15, 1 / 463.15, 1 / 473.15];
        $y = [log(18), log(12), log(8)];
        $mx = array_sum($x) / 3;
        $my = array_sum($y) / 3;
        $slope =
            (($x[0] - $mx) * ($y[0] - $my) + ($x[1] - $mx) * ($y[1] - $my) + ($x[2] - $mx) * ($y[2] - $my)) /
            (($x[0] - $mx) ** 2 + ($x[1] - $mx) ** 2 + ($x[2] - $mx) ** 2);
        self::assertEqualsWithDelta($slope, Loads::sheet()->needs->b, 1e-6);
    }

    public function test_one_row_takes_its_slope_from_the_chemistry(): void
    {
        foreach (
            ['polyester' => 85, 'polyurethane' => 85, 'epoxy' => 75, 'hybrid' => 80, 'acrylic' => 90] as $key => $kj
        ) {
            $sheet = Loads::sheet([[190, 10, null]], Chemistry::from($key));
            self::assertEqualsWithDelta((1000 * $kj) / 8.314462618, $sheet->needs->b, 1e-6);
            self::assertEqualsWithDelta(10, $sheet->needs->minutesAt(190), 1e-9);
        }
    }

    public function test_dose_stops_below_the_lowest_row_and_is_capped_above_the_highest_but_overbake_is_not(): void
    {
        $sheet = Loads::sheet([[180, 18, 60], [200, 8, 28]]);
        self::assertSame(0.0, self::judged($sheet, self::flat(169.9, 60))->dose);
        self::assertGreaterThan(0.5, self::judged($sheet, self::flat(170.1, 60))->dose);
        self::assertEqualsWithDelta(1, self::judged($sheet, self::flat(180, 18))->dose, 1e-9);
        $at200 = self::judged($sheet, self::flat(200, 10));
        $at230 = self::judged($sheet, self::flat(230, 10));
        self::assertEqualsWithDelta($at200->dose, $at230->dose, 1e-9);
        self::assertGreaterThan(2 * $at200->overbake, $at230->overbake);
    }

    public function test_a_ramp_is_integrated_through_the_threshold_and_the_cap(): void
    {
        $sheet = Loads::sheet([[180, 18, 60], [200, 8, 28]]);
        $dose = 0.0;
        for ($n = 0; $n < 40000; $n++) {
            $c = 100 + (130 * ($n + 0.5)) / 40000;
            $dose += $c >= 170 ? 1200 / 40000 / 60 / $sheet->needs->minutesAt($c) : 0;
        }
        self::assertEqualsWithDelta(
            $dose,
            self::judged($sheet, Segment::straight(0, 1200, 100, 230))->dose,
            0.0005 * $dose,
        );
    }

    public function test_the_window_counts_whole_ten_second_samples_and_starts_again_after_a_dip(): void
    {
        $sheet = Loads::sheet([[180, 18, null]]);
        $up = Segment::straight(0, 100, 100, 200);
        $dip = Segment::straight(100, 200, 200, 160);
        $again = Segment::straight(200, 300, 160, 200);
        $judged = self::judged($sheet, $up, $dip, $again);
        self::assertEqualsWithDelta(80 / 60, $judged->reachesMinutes, 1e-3);
        // Above from 80 s to 150 s, and from 250 s to the end.
        self::assertEqualsWithDelta(120 / 60, $judged->windowMinutes, 10.01 / 60);
        self::assertLessThanOrEqual(120 / 60 + 1e-6, $judged->windowMinutes);
        self::assertEqualsWithDelta(120, (new CureMeter($sheet))->along([$up, $dip, $again])->rowS[0], 0.01);
    }

    public function test_states_follow_dose_row_and_overbake(): void
    {
        $sheet = Loads::sheet();
        self::assertSame(CureState::Raw, self::judged($sheet, self::flat(90, 30))->state(TimingCriterion::Window));
        self::assertSame(CureState::Flowed, self::judged($sheet, self::flat(140, 10))->state(TimingCriterion::Window));
        self::assertSame(
            CureState::PartCured,
            self::judged($sheet, self::flat(180, 12))->state(TimingCriterion::Window),
        );
        self::assertSame(CureState::Cured, self::judged($sheet, self::flat(190, 13))->state(TimingCriterion::Window));
        self::assertSame(
            CureState::Overbaked,
            self::judged($sheet, self::flat(200, 40))->state(TimingCriterion::Window),
        );
        // Enough dose at 175 °C, under every row: cured by the counted curve, not by the window way.
        $low = self::judged($sheet, self::flat(175, 40));
        self::assertSame(CureState::Cured, $low->state(TimingCriterion::Dose));
        self::assertSame(CureState::PartCured, $low->state(TimingCriterion::Window));
    }

    public function test_metal_ages_from_150_in_minutes_at_200(): void
    {
        self::assertEqualsWithDelta(30, MetalAging::minutes([self::flat(200, 30)]), 1e-6);
        self::assertSame(0.0, MetalAging::minutes([self::flat(149, 600)]));
        $factor = exp((-130000 / 8.314462618) * (1 / 453.15 - 1 / 473.15));
        self::assertEqualsWithDelta(60 * $factor, MetalAging::minutes([self::flat(180, 60)]), 1e-6);
    }

    /** @return array<string, array{list<array{float, float, ?float}>, string}> */
    public static function contradictions(): array
    {
        return [
            'twice the same temperature' => [[[180, 18, null], [180, 12, null]], 'rows[1].pmt_c'],
            'hotter needs longer' => [[[180, 10, null], [200, 12, null]], 'rows[1].min'],
            'hotter needs as long' => [[[200, 10, null], [180, 10, null]], 'rows[0].min'],
            'hotter stands longer' => [[[180, 18, 40], [200, 8, 50]], 'rows[1].max'],
            'stands less than it needs' => [[[180, 18, 17]], 'max'],
            'no time at all' => [[[180, 0, null]], 'min'],
            'too hot' => [[[701, 5, null]], 'pmt_c'],
            'no rows' => [[], 'rows'],
        ];
    }

    /** @param  list<array{float, float, ?float}>  $rows */
    #[DataProvider('contradictions')]
    public function test_contradictory_rows_are_refused_by_place(array $rows, string $place): void
    {
        try {
            CureSheet::of(
                Chemistry::Polyester,
                array_map(fn (array $row): CureScheduleRow => CureScheduleRow::of(...$row), $rows),
            );
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($place, $e->place);
        }
    }

    public function test_a_flat_rate_is_its_own_integral(): void
    {
        $rate = new ArrheniusRate(log(10), 0, 50);
        self::assertEqualsWithDelta(3, $rate->over(self::flat(100, 30)), 1e-9);
        self::assertEqualsWithDelta(1, $rate->over(self::flat(100, 30), 600), 1e-9);
        self::assertSame(0.0, $rate->over(self::flat(40, 30)));
    }
}
