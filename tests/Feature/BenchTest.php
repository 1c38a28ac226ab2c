<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Intake\Models\Part;
use App\Routing\Commands\WriteFacts;
use App\Routing\Models\LogLine;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\MediaLog;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\ShopBlast;
use App\ShopFloor\ViewModels\ShopBoard;

/** The preparation benches as they are used: strip, blast, wash, and the clock on bare steel. */
final class BenchTest extends ShopTestCase
{
    private function at(Station $station, string $metal = 'carbon_steel', array $facts = []): Part
    {
        $part = $this->part($this->job($station), 'railing panel', 6.3, 0.8, 4, $metal);
        WriteFacts::on($part, $facts + ['made' => 'sheet', 'on_it' => [], 'features' => []]);

        return $part->refresh();
    }

    private function fresh(Part $part): Part
    {
        return Part::query()->findOrFail($part->id);
    }

    public function test_the_strip_bench_picks_a_way_runs_its_clocks_and_says_too_short_and_too_long(): void
    {
        $part = $this->at(Station::Strip, facts: ['on_it' => ['old_powder', 'grease'], 'paint_test' => 'none']);
        $page = $this->actingAs($this->finisher)->get('/station/strip')->assertOk();
        $page
            ->assertSee('Benzyl alcohol stripper, brushed on, then a light blast.')
            ->assertSee('Straight to the blast')
            ->assertSee('butyl rubber')
            ->assertSee('hazardous waste by local rule');
        $this->send(
            "/batches/{$this->batch($part)->id}/strip-clock",
            ['step' => 'benzyl-1'],
        )->assertSessionHasNoErrors();
        $this->send("/batches/{$this->batch($part)->id}/strip-clock", ['step' => 'benzyl-1'])
            ->assertSessionHasErrors('step');
        $clock = StepTimer::query()->firstOrFail();
        self::assertEqualsWithDelta(120 * 60, $clock->started_at->diffInSeconds($clock->due_at), 0.01);
        self::assertSame(Station::Strip, ShopBoard::now()[1]['station']);
        self::assertTrue(ShopBoard::now()[1]['clock']?->equalTo($clock->due_at));
        $this->later(30);
        $this->send("/clocks/{$clock->id}/done");
        $this->get("/station/strip?part={$part->id}")->assertSee('too short');
        self::assertNull(ShopBoard::now()[1]['clock']);
        $this->send(
            "/batches/{$this->batch($part)->id}/strip-clock",
            ['step' => 'benzyl-1'],
        )->assertSessionHasNoErrors();
        $this->later(1500);
        $this->send('/clocks/'.StepTimer::query()->max('id').'/done');
        $this->get("/station/strip?part={$part->id}")->assertSee('too long');
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'caustic'])->assertSessionHasNoErrors();
        $this->get("/station/strip?part={$part->id}")->assertSee('Hot caustic tank, then a light blast.');
        self::assertContains(
            StepKind::StripCaustic,
            array_map(fn ($step): StepKind => $step->kind, PartRoute::of($this->fresh($part))->steps),
            'the route goes the way that was chosen',
        );
        $this->send("/batches/{$this->batch($part)->id}/strip-clock", ['step' => 'benzyl-1'])
            ->assertSessionHasErrors('step');
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'magic'])->assertSessionHasErrors('way');
    }

    public function test_converted_rust_waits_its_day_and_is_not_blasted(): void
    {
        $part = $this->at(Station::Strip, facts: ['on_it' => ['rust']]);
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'converter'])->assertSessionHasNoErrors();
        $steps = PartRoute::of($this->fresh($part))->steps;
        $kinds = array_map(fn ($step): StepKind => $step->kind, $steps);
        self::assertContains(StepKind::RustConvert, $kinds);
        self::assertNotContains(StepKind::Blast, $kinds);
        self::assertGreaterThan(1440, PartRoute::of($this->fresh($part))->waitMinutes());
        $this->send("/batches/{$this->batch($part)->id}/strip-clock", ['step' => 'converter-wait'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            86400,
            StepTimer::query()
                ->firstOrFail()
                ->started_at->diffInSeconds(StepTimer::query()->firstOrFail()->due_at),
            0.01,
        );
    }

    public function test_a_dwell_that_runs_is_not_walked_away_from_in_silence(): void
    {
        $part = $this->at(Station::Strip, facts: ['on_it' => ['rust']]);
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'converter']);
        $this->send("/batches/{$this->batch($part)->id}/strip-clock", ['step' => 'converter-wait']);
        $on = fn (array $with) => $this->send(
            "/batches/{$this->batch($part)->id}/go",
            $with + ['then' => 'on', 'seen_at' => Station::Strip->value],
        );
        $on([])->assertSessionHasErrors('note');
        self::assertSame(Station::Strip, $this->batch($part)->station);
        $this->excuse($this->batch($part), Station::Wash);
        $on(['note' => 'dried overnight already'])->assertSessionHasNoErrors();
        self::assertSame(0, StepTimer::query()->whereNull('done_at')->count(), 'a clock is not left behind');
        // Changing the way stops the clocks of the other one.
        $other = $this->at(Station::Strip, facts: ['on_it' => ['paint'], 'paint_test' => 'none']);
        $this->send("/parts/{$other->id}/strip-way", ['way' => 'benzyl']);
        $this->send(
            "/batches/{$this->batch($other)->id}/strip-clock",
            ['step' => 'benzyl-1'],
        )->assertSessionHasNoErrors();
        $this->send("/parts/{$other->id}/strip-way", ['way' => 'blast'])->assertSessionHasNoErrors();
        self::assertSame(0, StepTimer::query()->whereNull('done_at')->count());
        $part->job->update(['status' => 'released']);
        foreach (
            [
                'strip-way' => ['way' => 'blast'],
                'strip-clock' => ['step' => 'x'],
                'wash-clock' => ['step' => 'x'],
                'ground' => ['ohm' => '1', 'unit' => '1'],
            ] as $path => $data
        ) {
            $this->send("/parts/{$part->id}/{$path}", $data)->assertSessionHasErrors('job');
        }
    }

    public function test_what_eats_the_metal_cannot_be_chosen(): void
    {
        $part = $this->at(Station::Strip, 'aluminium', ['on_it' => ['paint'], 'paint_test' => 'none']);
        $this->actingAs($this->finisher)
            ->get('/station/strip')
            ->assertSee('It dissolves aluminium and gives off hydrogen')
            ->assertSee('must not');
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'caustic'])->assertSessionHasErrors('way');
        self::assertNull($this->fresh($part)->strip_way);
    }

    public function test_the_blast_bench_says_what_the_air_holds_and_learns_from_the_minutes_logged(): void
    {
        Shop::current()->update(['compressor_m3_min' => 2.9, 'nozzle_mm' => 8, 'nozzle_new_mm' => 7]);
        $part = $this->at(Station::Blast, facts: ['on_it' => ['rust']]);
        $planned = ShopBlast::bench(PartRoute::of($part)->plan(), new BlastSetting())->plan;
        $page = $this->actingAs($this->finisher)->get('/station/blast')->assertOk();
        $page
            ->assertSee('the compressor gives 2.9 m³/min')
            ->assertSee('No jobs logged yet')
            ->assertSee('31 % more air than new')
            ->assertSee('Silica dust')
            ->assertSee('Sa 2, thorough');
        $this->get("/station/blast?part={$part->id}&bar=4&media=fine_garnet&mixture=3&access=deep")
            ->assertSee('Fine garnet at 4 bar')
            ->assertSee('It holds the pressure asked for');
        $this->get("/station/blast?part={$part->id}&bar=40")->assertSessionHasErrors('bar');
        foreach (range(1, 3) as $ignored) {
            $this->send("/batches/{$this->batch($part)->id}/blasted", [
                'minutes' => (string) (2 * $planned->plainMinutes),
                'kind' => 'blast',
            ])->assertSessionHasNoErrors();
        }
        // Three that agree: variance 0.18 / 5, k = that / 0.0625.
        $factor = 2 ** (3 / (3 + 0.18 / 5 / 0.0625));
        self::assertEqualsWithDelta($factor, ShopBlast::factor()->factor, 1e-3);
        self::assertEqualsWithDelta(
            $planned->minutes * $factor,
            ShopBlast::bench(PartRoute::of($this->fresh($part))->plan(), new BlastSetting())->plan->minutes,
            0.05,
        );
        $this->get('/station/blast')->assertSee('From 3 logged jobs so far');
        $line = LogLine::of('blast')->firstOrFail();
        $this->send("/logbook/{$line->id}/withdraw");
        self::assertSame(2, ShopBlast::factor()->logs);
        $this->send("/batches/{$this->batch($part)->id}/blasted", ['minutes' => '0', 'kind' => 'blast'])
            ->assertSessionHasErrors(
                'minutes',
            );
        $elsewhere = $this->at(Station::Wash);
        $this->send("/batches/{$this->batch($elsewhere)->id}/blasted", [
            'minutes' => '10',
            'kind' => 'blast',
        ])->assertSessionHasErrors('minutes');
    }

    public function test_the_route_and_the_bench_say_the_same_minutes(): void
    {
        Shop::current()->update(['compressor_m3_min' => 2.0, 'nozzle_mm' => 8]);
        foreach (
            [['carbon_steel', StepKind::Blast], ['galvanised_steel', StepKind::SweepBlast]] as [$metal, $kind]
        ) {
            $part = $this->at(Station::Blast, $metal, ['on_it' => $metal === 'carbon_steel' ? ['rust'] : []]);
            $route = PartRoute::of($part);
            $minutes = $route->plan()->all($kind)[0]->minutes;
            self::assertEqualsWithDelta(
                ShopBlast::bench($route->plan(), new BlastSetting())->plan->minutes,
                $minutes,
                1e-9,
            );
            self::assertGreaterThan(1.0, $minutes);
        }
        $before = PartRoute::of($this->at(Station::Blast, facts: ['on_it' => ['rust']]))->minutes();
        Shop::current()->update(['compressor_m3_min' => 6.0, 'nozzle_mm' => 8]);
        self::assertLessThan(
            $before,
            PartRoute::of($this->at(Station::Blast, facts: ['on_it' => ['rust']]))->minutes(),
            'a larger compressor shortens the day',
        );
    }

    public function test_media_remember_what_went_into_them(): void
    {
        $this->send('/media-log', [
            'medium' => 'garnet',
            'what' => 'new',
            'kg' => '50 kg',
        ])->assertSessionHasNoErrors();
        $part = $this->at(Station::Blast, facts: ['on_it' => ['rust']]);
        $this->send("/batches/{$this->batch($part)->id}/blasted", [
            'minutes' => '30',
            'kind' => 'blast',
            'media' => 'garnet',
            'greasy' => '1',
        ])->assertSessionHasNoErrors();
        $log = MediaLog::of(Media::get('garnet'));
        self::assertGreaterThan(100, $log->shotKg);
        self::assertStringContainsString('Oil from railing panel', $log->dirt()[0]);
        self::assertStringContainsString('Iron from railing panel', $log->dirt()[1]);
        self::assertContains('medium-has-oil', $this->ofMedium($part));
        $this->actingAs($this->viewer)->get('/station/blast')->assertSee('Oil from railing panel');
        $this->send('/media-log', [
            'medium' => 'garnet',
            'what' => 'new',
            'kg' => '50',
        ])->assertSessionHasNoErrors();
        self::assertSame([], $this->ofMedium($part));
        $this->send("/batches/{$this->batch($part)->id}/blasted", [
            'minutes' => '5',
            'kind' => 'sweep',
            'media' => 'garnet',
        ])->assertSessionHasNoErrors();
        self::assertContains('medium-has-iron', $this->ofMedium($this->at(Station::Blast, 'stainless_steel')));
        self::assertContains('iron-in-light-metal-dust', $this->ofMedium($this->at(Station::Blast, 'aluminium')));
        self::assertSame([], $this->ofMedium($part));
        $this->send("/batches/{$this->batch($part)->id}/blasted", [
            'minutes' => '60',
            'kind' => 'blast',
            'media' => 'garnet',
        ])->assertSessionHasNoErrors();
        self::assertContains('medium-spent', $this->ofMedium($part));
        $pot = fn (array $with) => $this->send('/media-log', $with + [
            'medium' => 'garnet', 'what' => 'pot_run', 'kg' => '40', 'turns' => '2,5', 'pot_minutes' => '8',
        ]);
        $pot(['turns' => ''])->assertSessionHasErrors('turns');
        $pot(['pot_minutes' => 'a while'])->assertSessionHasErrors('pot_minutes');
        $pot(['kg' => ''])->assertSessionHasErrors('kg');
        $pot([])->assertSessionHasNoErrors();
        $log = MediaLog::of(Media::get('garnet'));
        self::assertEqualsWithDelta(2.0, $log->valve?->kgPerMinPerTurn, 1e-9);
        self::assertNull($log->wears);
        $this->send('/media-log', ['medium' => 'garnet', 'what' => 'topped_up', 'kg' => '40'])
            ->assertSessionHasNoErrors();
        $worn = MediaLog::of(Media::get('garnet'))->wears;
        self::assertSame(1, $worn?->logs);
        // Shot since it was new went through four times; topping up says how much of that was dust.
        self::assertEqualsWithDelta((40 / ($log->shotKg / 4)) ** (1 / 1.96), $worn->factor, 1e-6);
        $this->actingAs($this->viewer)->get("/station/blast?part={$part->id}&media=garnet")
            ->assertSee('turns open, by 1 timed pot')
            ->assertSee('from 1 top-up.');
        $this->send('/media-log', ['medium' => 'moon dust', 'what' => 'new'])->assertSessionHasErrors('medium');
    }

    /** @return list<string> what the book says of the garnet in use, for a part */
    private function ofMedium(Part $part): array
    {
        $garnet = new BlastSetting(Media::get('garnet'));
        $found = ShopBlast::bench(PartRoute::of($this->fresh($part))->plan(), $garnet)->findings(null, null);
        $keys = array_map(fn (Finding $finding): string => $finding->rule->key, $found);

        return array_values(
            array_intersect($keys, [
                'medium-has-oil', 'medium-has-iron', 'medium-spent', 'medium-bows', 'iron-in-light-metal-dust',
                'light-metal-in-media',
            ]),
        );
    }

    public function test_bare_steel_is_on_the_clock_and_damp_air_shortens_it(): void
    {
        $this->send('/air', ['air' => '18', 'rh' => '45'])->assertSessionHasNoErrors();
        $part = $this->at(Station::Blast, facts: ['on_it' => ['rust']]);
        $this->send("/batches/{$this->batch($part)->id}/blasted", ['minutes' => '20', 'kind' => 'blast']);
        $clock = StepTimer::query()->where('step', StepTimer::BARE_STEEL)->firstOrFail();
        // From the first piece: the blast took twenty minutes.
        self::assertEqualsWithDelta(20 * 60, $clock->started_at->diffInSeconds($this->now), 1);
        // Until the air was read it stood in what the house reckons with, 55 %, which allows four hours.
        $left = 1 - 20 / 240;
        $ends = 20 * 60 + $left * 6 * 3600;
        self::assertEqualsWithDelta($ends, $clock->started_at->diffInSeconds($clock->due_at), 1);
        $this->later(180);
        $this->send('/air', ['air' => '18', 'rh' => '75']);
        // Half of six hours more is used; the rest is left of one hour.
        $ends = 200 * 60 + ($left - 0.5) * 3600;
        self::assertEqualsWithDelta($ends, $clock->started_at->diffInSeconds($clock->refresh()->due_at), 1);
        $this->actingAs($this->viewer)->get('/')->assertSee('powder on by');
        $this->send("/clocks/{$clock->id}/done")->assertSessionHasErrors('clock');
        $this->send('/air', ['air' => 'warm', 'rh' => '0'])->assertSessionHasErrors(['air', 'rh']);
        $this->send('/air', ['from_station' => '1'])->assertSessionHasNoErrors();
        self::assertSame('weather station', LogLine::of('air')->orderByDesc('id')->firstOrFail()->subject);
    }

    public function test_overrun_leads_back_to_a_sweep_and_not_to_the_gun(): void
    {
        $this->send('/air', ['air' => '18', 'rh' => '65']);
        $part = $this->at(Station::Blast, facts: ['on_it' => ['rust']]);
        $this->send("/batches/{$this->batch($part)->id}/blasted", ['minutes' => '20', 'kind' => 'blast']);
        $job = $part->job;
        $this->excuse($this->batch($part), Station::Coat);
        $this->hangAt($job, Station::MaskAndHang);
        $this->send("/batches/{$this->batch($part)->id}/sweep-again")->assertSessionHasErrors('clock');
        $this->later(130);
        $this->send("/batches/{$this->batch($job)->id}/send", [
            'to' => Station::Coat->value,
            'seen_at' => Station::MaskAndHang->value,
        ])->assertSessionHasErrors('bare-steel-over');
        $this->actingAs($this->finisher)
            ->get('/station/mask-and-hang')
            ->assertSee('Bare steel past its time')
            ->assertSee('Back for a sweep-blast');
        $this->send("/batches/{$this->batch($part)->id}/sweep-again")->assertSessionHasNoErrors();
        self::assertSame(Station::Blast, $this->batch($job)->station);
        $kinds = array_map(fn ($step): StepKind => $step->kind, PartRoute::of($this->fresh($part))->steps);
        self::assertSame(StepKind::SweepBlast, $kinds[(int) array_search(StepKind::Coat, $kinds, true) - 1]);
        $this->send("/batches/{$this->batch($part)->id}/sweep-again")->assertSessionHasNoErrors();
        self::assertCount(
            count($kinds),
            PartRoute::of($this->fresh($part))->steps,
            'asked for twice, it is swept once',
        );
        $this->send("/batches/{$this->batch($part)->id}/blasted", [
            'minutes' => '6',
            'kind' => 'sweep',
        ])->assertSessionHasNoErrors();
        self::assertSame(1, StepTimer::query()->whereNull('done_at')->count());
        self::assertSame(1, LogLine::of('blast')->count(), 'a sweep teaches the factor nothing');
        foreach ([Station::Coat, Station::Cure] as $to) {
            if ($to === Station::Cure) {
                $coat = ['coat' => $this->coat($part)->id, 'pieces' => (string) $part->count];
                $this->send("/batches/{$this->batch($job)->id}/coated", $coat)->assertSessionHasNoErrors();
            }
            $this->send("/batches/{$this->batch($job)->id}/send", [
                'to' => $to->value,
                'seen_at' => $this->batch($job)->station->value,
            ])->assertSessionHasNoErrors();
        }
        self::assertSame(0, StepTimer::query()->whereNull('done_at')->count(), 'powder on ends the clock');
    }

    public function test_metal_too_near_the_dew_point_is_not_blasted_in_silence(): void
    {
        $this->send('/air', ['air' => '12', 'rh' => '92']);
        $part = $this->at(Station::Blast, facts: ['on_it' => ['rust']]);
        $this->actingAs($this->finisher)
            ->get('/station/blast')
            ->assertSee('do not blast, do not coat')
            ->assertSee('Bare steel may not stand at all');
        $this->send("/batches/{$this->batch($part)->id}/blasted", ['minutes' => '20', 'kind' => 'blast'])
            ->assertSessionHasErrors(
                'note',
            );
        $this->send("/batches/{$this->batch($part)->id}/blasted", [
            'minutes' => '20',
            'kind' => 'blast',
            'note' => 'warmed to 40 first',
        ])->assertSessionHasNoErrors();
        self::assertTrue(StepTimer::query()->firstOrFail()->due_at->lte($this->now->addSecond()));
        // Nor is anything coated in silence.
        $other = $this->at(Station::MaskAndHang, 'aluminium')->job;
        $this->excuse($this->batch($other), Station::Coat);
        $on = fn (array $with) => $this->send(
            "/batches/{$this->batch($other)->id}/go",
            $with + ['then' => 'on', 'seen_at' => Station::MaskAndHang->value],
        );
        $on([])->assertSessionHasErrors('note');
        $this->later(13 * 60);
        $on([])->assertSessionHasNoErrors();
        self::assertSame(Station::Coat, $this->batch($other)->station);
    }

    public function test_the_wash_line_its_clocks_and_the_bath_log(): void
    {
        $part = $this->at(Station::Wash, facts: ['features' => ['seams']]);
        $part->job->update(['lives' => 'outdoors']);
        $this->actingAs($this->finisher)
            ->get('/station/wash')
            ->assertOk()
            ->assertSee('Iron phosphate line')
            ->assertSee('white bloom')
            ->assertSee('Dry in the oven')
            ->assertSee('45 min');
        $this->send(
            "/batches/{$this->batch($part)->id}/wash-clock",
            ['step' => 'phosphate'],
        )->assertSessionHasNoErrors();
        $this->send(
            "/batches/{$this->batch($part)->id}/wash-clock",
            ['step' => 'convert'],
        )->assertSessionHasErrors('step');
        $this->later(7);
        $this->get("/station/wash?part={$part->id}")->assertSee('data-past="passed"', false);
        $this->send('/clocks/'.StepTimer::query()->firstOrFail()->id.'/done');
        self::assertStringContainsString('too long', (string) session('said'));

        foreach (['3.4', '3,0', '2,6'] as $percent) {
            $this->send('/bath-log', [
                'bath' => 'iron_phosphate',
                'concentration_pct' => $percent,
                'ph' => '4.9',
                'volume_l' => '200',
            ])->assertSessionHasNoErrors();
            $this->later(1440);
        }
        $page = $this->get('/station/wash?bath=iron_phosphate')->assertOk();
        $page
            ->assertSee('out of its limits in about 2 days')
            ->assertSee('class="bath-chart"', false)
            ->assertSee('Put in 0.82 l');
        $this->send('/bath-log', ['bath' => 'iron_phosphate'])->assertSessionHasErrors('concentration_pct');
        $this->send('/bath-log', ['bath' => 'iron_phosphate', 'ph' => '15'])->assertSessionHasErrors('ph');
        $this->send('/bath-log', ['bath' => 'soup', 'ph' => '7'])->assertSessionHasErrors('bath');
        $this->send('/logbook/'.LogLine::of('bath')->orderByDesc('id')->firstOrFail()->id.'/withdraw');
        $this->get('/station/wash?bath=iron_phosphate')->assertDontSee('about 2 days');
    }

    public function test_a_product_dwells_by_its_own_sheet_and_is_remembered(): void
    {
        $part = $this->at(Station::Strip, facts: ['on_it' => ['paint'], 'paint_test' => 'none']);
        $this->send("/parts/{$part->id}/strip-way", ['way' => 'quick_gel'])->assertSessionHasNoErrors();
        $start = fn (array $with) => $this->send(
            "/batches/{$this->batch($part)->id}/strip-clock",
            $with + ['step' => 'quick_gel-1'],
        );
        $start(['dwell' => 'a while'])->assertSessionHasErrors('dwell');
        $start(['dwell' => '0.4'])->assertSessionHasErrors('dwell');
        $start(['dwell' => '22,5'])->assertSessionHasNoErrors();
        $clock = StepTimer::query()->latest('id')->firstOrFail();
        self::assertEqualsWithDelta(22.5, $clock->started_at->diffInSeconds($clock->due_at) / 60, 0.01);
        $other = $this->at(Station::Strip, facts: ['on_it' => ['paint'], 'paint_test' => 'none']);
        $this->send("/parts/{$other->id}/strip-way", ['way' => 'quick_gel']);
        $this->actingAs($this->finisher)->get("/station/strip?part={$other->id}")
            ->assertSee('Two coats of about a quarter of an hour')
            ->assertSee('value="23"', false);
    }

    public function test_what_is_said_at_the_counter_stands_on_the_card_and_on_the_record(): void
    {
        $part = $this->at(Station::Strip, facts: ['on_it' => ['rust'], 'made' => 'welded']);
        $said = 'Pits the rust has eaten stay pits; powder follows them.';
        foreach (["/parts/{$part->id}/route", "/jobs/{$part->job_id}/card", "/jobs/{$part->job_id}/record"] as $page) {
            $this->actingAs($this->viewer)->get($page)->assertOk()->assertSee($said);
        }
    }
}
