<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use Aenum\Core\Units\UnitSystem;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenLoad;
use App\Curing\ViewModels\AfterBake;
use App\Curing\ViewModels\BakeChart;
use App\Curing\ViewModels\BakeVerdict;
use App\Curing\ViewModels\BakeViewModel;
use App\Curing\ViewModels\OvenChart;
use App\Curing\ViewModels\TemperScale;
use App\Platform\Presentation\Units;

/** What the bake's picture draws and what its verdict says, against the model it came from. */
final class PictureTest extends ShopTestCase
{
    private static function chart(BakeViewModel $board, UnitSystem $system = UnitSystem::Metric): OvenChart
    {
        $units = new Units($system);

        return new OvenChart(BakeChart::of($board, $units), $units);
    }

    private function mixed(): OvenLoad
    {
        $job = $this->job();

        return $this->hang($this->part($job), $this->part($job, 'sheet panel', 6.3, 0.8, 4, 'carbon_steel'));
    }

    /** Too far apart for one bake. */
    private function apart(): OvenLoad
    {
        $job = $this->job();

        return $this->hang(
            $this->part($job, 'bench end', 60, 1.3),
            $this->part($job, 'sheet panel', 2, 0.6, 4, 'carbon_steel'),
        );
    }

    private function says(OvenLoad $bake, array $set): BakeVerdict
    {
        $bake->update($set);

        return BakeVerdict::of(BakeViewModel::of($bake->refresh()), new Units(UnitSystem::Metric));
    }

    public function test_a_curve_passes_where_the_model_says(): void
    {
        $board = BakeViewModel::of($this->mixed());
        $chart = self::chart($board);
        $frame = $chart->frame();
        $curves = collect($chart->curves())->keyBy('name');
        self::assertSame(['air', 'oven shell', 'bench end', 'sheet panel'], $curves->keys()->all());
        preg_match_all('/[ML]([\d.]+) ([\d.-]+)/', $curves['bench end']->path, $points, PREG_SET_ORDER);
        $ticks = collect($chart->temperatures())->keyBy('label');
        $perDegree = ($ticks['50°']['y'] - $ticks['100°']['y']) / 50;
        foreach ([10, 50, 90, 110] as $n) {
            $second =
                (((float) $points[$n][1] - $frame['left']) / ($frame['right'] - $frame['left'])) *
                $board->outlook->viewS;
            $celsius = 100 + ($ticks['100°']['y'] - (float) $points[$n][2]) / $perDegree;
            self::assertEqualsWithDelta($board->outlook->run->coreC(0, $second), $celsius, 0.5);
        }
        self::assertNotSame($curves['bench end']->dash, $curves['sheet panel']->dash);
        $labels = collect($chart->curves())->pluck('labelY')->sort()->values();
        for ($n = 1; $n < count($labels); $n++) {
            self::assertGreaterThanOrEqual(
                12.9,
                $labels[$n] - $labels[$n - 1],
                'end labels do not cover each other',
            );
        }
    }

    public function test_window_marks_and_table_agree_with_the_outlook(): void
    {
        $bake = $this->mixed();
        $board = BakeViewModel::of($bake);
        $chart = self::chart($board);
        $frame = $chart->frame();
        $minute = fn (float $x): float => ((($x - $frame['left']) / ($frame['right'] - $frame['left'])) *
            $board->outlook->viewS) /
            60;
        $marks = collect($chart->marks())->keyBy('kind');
        self::assertEqualsWithDelta($board->outlook->pullMinutes, $minute($marks['pull']['x']), 0.01);
        self::assertEqualsWithDelta($bake->door_open_s / 60, $minute($marks['door']['x']), 0.01);
        self::assertEqualsWithDelta($board->checkRunMinutes(), $minute($marks['check']['x']), 0.01);
        $rows = $chart->table();
        self::assertCount(61, $rows);
        self::assertCount(4, $rows[0]['values']);
        self::assertSame('20 °C', $rows[0]['values'][2]);
        $us = self::chart($board, UnitSystem::Us)->table();
        self::assertSame('68 °F', $us[0]['values'][2]);
        self::assertSame('100°', self::chart($board, UnitSystem::Us)->temperatures()[0]['label']);
        self::assertStringContainsString('bench end', $chart->description());
        self::assertNull(
            self::chart(BakeViewModel::of($this->apart()))->window(),
            'nothing to shade where the light part is spoilt first',
        );
    }

    public function test_the_verdict_says_what_is_wrong_in_words(): void
    {
        $bake = $this->mixed();
        $best = $bake->only(['setpoint_c', 'minutes']);
        self::assertSame('good', $this->says($bake, [])->tone);
        self::assertStringStartsWith('Bench end decides: cured', $this->says($bake, [])->headline);
        self::assertStringStartsWith(
            'Too short: Bench end is cured only',
            $this->says($bake, ['minutes' => 20])->headline,
        );
        self::assertStringStartsWith('Too long: Sheet panel', $this->says($bake, ['minutes' => 120])->headline);
        self::assertStringContainsString('bake them apart', $this->says($this->apart(), [])->headline);
        self::assertStringContainsString('never gets there', $this->says($bake, ['setpoint_c' => 178])->headline);
        $timed = $this->says($bake, ['way' => 'timed'] + $best);
        self::assertStringContainsString('ignores what the metal does', implode(' ', $timed->reasons));
    }

    public function test_a_running_load_that_cannot_be_parted_any_more_says_what_to_take_out_and_when(): void
    {
        $bake = $this->apart();
        (new RunOven())->shut($bake, $this->finisher);
        $this->later(5);
        $verdict = BakeVerdict::of(BakeViewModel::of($bake->refresh()), new Units(UnitSystem::Metric));
        self::assertMatchesRegularExpression(
            '/^Take the sheet panel out by \d\d:\d\d; bench end needs until \d\d:\d\d\.$/',
            $verdict->headline,
        );
    }

    public function test_a_load_left_in_too_long_is_judged_as_it_stands(): void
    {
        $bake = $this->mixed();
        (new RunOven())->shut($bake, $this->finisher);
        $this->later(33.5);
        $due = BakeVerdict::of(BakeViewModel::of($bake->refresh()), new Units(UnitSystem::Metric));
        $this->later(25);
        $late = BakeViewModel::of($bake->refresh());
        self::assertSame('stop', BakeVerdict::of($late, new Units(UnitSystem::Metric))->tone);
        self::assertStringStartsWith(
            'Too long: Sheet panel',
            BakeVerdict::of($late, new Units(UnitSystem::Metric))->headline,
        );
        self::assertStringStartsNotWith('Too short', $due->headline);
        self::assertEqualsWithDelta($late->nowRunMinutes(), $late->outlook->pullMinutes, 0.05);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('Pull it now:')
            ->assertSee('Too long');
    }

    public function test_where_no_sheet_says_what_it_stands_over_bake_is_not_judged(): void
    {
        $silent = $this->powder('Silent grey', [[180, 18, null]]);
        $bake = $this->hang(
            $this->part($this->job(), 'cleat', 3.1, 0.11, 16, 'cast_iron', [['base', $silent, 'full']]),
        );
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('over-bake is not judged')
            ->assertSee('not judged');
        $look = BakeViewModel::of($bake)->outlook;
        self::assertNull($look->items[0]->atPull->overbake);
        self::assertLessThanOrEqual(190.05, $look->items[0]->atPull->peakC, 'silent above its row and 10 K');
        // By hand it is not set hotter either: the board says so, and the door does not shut on it.
        $hot = ['setpoint' => '225', 'minutes' => '60', 'door_open_s' => '60', 'way' => 'window'];
        $this->send("/bakes/{$bake->id}/adjust", $hot)->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertSee('Too hot: cleat would get')
            ->assertSee('Cleat may get no hotter than 190');
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasErrors('load');
        self::assertTrue($bake->refresh()->isPlanned());
    }

    public function test_a_flow_bake_is_told_by_its_dose_and_every_part_by_the_minute_it_is_done(): void
    {
        $primer = $this->powder('Undercoat Z', [[160, 15, 40], [180, 8, 20]]);
        $flow = $this->hang(
            $this->part($this->job(), 'lamp arm', 6.4, 0.55, 8, 'carbon_steel', [
                ['primer', $primer, 'flow'],
                ['base', $this->green, 'full'],
            ]),
        );
        $reasons = implode(' ', $this->says($flow, [])->reasons);
        self::assertStringContainsString('the next coat bonds while it is under 0.50', $reasons);
        self::assertStringNotContainsString('over-bake', $reasons);
        $bake = $this->mixed();
        $board = BakeViewModel::of($bake);
        [$heavy, $light] = $board->outlook->items;
        self::assertEqualsWithDelta($board->outlook->readyMinutes, $heavy->readyMinutes, 0.02);
        self::assertLessThan($heavy->readyMinutes - 3, $light->readyMinutes);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('Done at min')
            ->assertSee(number_format($board->sinceShut((float) $light->readyMinutes), 1));
    }

    public function test_the_temper_scale_runs_from_slate_to_blue(): void
    {
        self::assertSame(
            ['slate', 'slate', 'straw', 'bronze', 'plum', 'blue'],
            array_map(TemperScale::name(...), [20.0, 120.0, 145.0, 170.0, 195.0, 230.0]),
        );
        $offsets = array_column(self::chart(BakeViewModel::of($this->mixed()))->temper(), 'offset');
        self::assertSame($offsets, collect($offsets)->sort()->values()->all());
    }

    public function test_where_a_lot_goes_from_the_oven(): void
    {
        $job = $this->job();
        $part = $this->part($job);
        $after = fn (OvenLoad $load): AfterBake => AfterBake::of($load->fresh() ?? $load)[0];
        $soft = $this->bakeFor($this->hang($part), 15);
        self::assertNull($after($soft)->to);
        self::assertStringContainsString('goes back in', $after($soft)->says);
        $again = $this->hang($part);
        $this->later(90);
        $this->bakeFor($again, $again->minutes + 2);
        self::assertSame(Station::Inspect, $after($again)->to);
        $this->hangAt($job, Station::Inspect);
        self::assertNull($after($again)->to);
        self::assertSame('hangs at Inspect.', $after($again)->says);
    }

    public function test_minutes_and_shares_as_people_say_them(): void
    {
        self::assertSame(
            ['0.5 min', '5.9 min', '6 min', '41 min', '1 h 40 min', '8 h 20 min'],
            array_map(Units::minutes(...), [0.5, 5.9, 6.0, 41.3, 100.0, 500.0]),
        );
        self::assertSame('0.85', Units::share(0.849));
    }
}
