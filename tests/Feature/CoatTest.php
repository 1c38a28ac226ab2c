<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Application\ColorChange;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PreOven;
use Aenum\Core\Application\UncuredGauge;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Application\Queries\PowderStock;
use App\Application\Queries\SprayStatistics;
use App\Application\Queries\UncuredReadingsInput;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderLot;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Once;

/** The coat bench as it is used, and the wrong way round: weighed, sprayed, looked at, logged, blown off. */
final class CoatTest extends ShopTestCase
{
    private const ON = ['respirator' => '1'];

    private function gun(): Gun
    {
        return Gun::query()->create([
            'name' => 'Booth gun', 'kind' => GunKind::Full, 'feed' => Feed::Cup, 'tip_slot' => true,
            'tip_round' => true, 'most_kv' => 100, 'most_ua' => 100, 'flow_g_min' => 110, 'pattern_mm' => 240,
            'pattern_at_mm' => 220,
        ])->refresh();
    }

    private function powderLot(float $kg = 20, ?string $until = null, ?Powder $of = null): PowderLot
    {
        return PowderLot::query()->create([
            'powder_id' => ($of ?? $this->green)->id, 'number' => '26-07', 'kg' => $kg,
            'received_on' => '2026-10-01', 'best_before_on' => $until, 'user_id' => $this->owner->id,
            'at' => $this->now,
        ])->refresh();
    }

    private function at(int $count = 4, string $metal = 'aluminium', ?array $coats = null): Part
    {
        $job = $this->job(Station::Coat, 'Railing panels');

        return $this->part($job, 'railing panel', 6.3, 0.8, $count, $metal, $coats);
    }

    private function pin(Part $part, PinKind $kind, ?float $size, ?float $depth): int
    {
        return (new PlacePin())($part, [
            'kind' => $kind, 'picture_id' => null, 'x' => 0.5, 'y' => 0.5, 'size_mm' => $size, 'depth_mm' => $depth,
            'places' => 1, 'note' => null, 'must_stay_bare' => false,
        ], $this->finisher)->id;
    }

    private function weigh(Part $part, array $with = []): Spraying
    {
        $this->send("/batches/{$this->batch($part)->id}/weigh", self::ON + $with + ['weighed' => '600'])
            ->assertSessionHasNoErrors();

        return Spraying::query()->latest('id')->firstOrFail();
    }

    private function openOf(Part $part): Spraying
    {
        return Spraying::openOn($this->batch($part)) ?? self::fail('nothing is sprayed');
    }

    private function allZones(Spraying $spraying): void
    {
        foreach ($spraying->zones as $zone) {
            $this->send("/sprayings/{$spraying->id}/zones/{$zone->id}")->assertSessionHasNoErrors();
        }
    }

    private function allLooks(Spraying $spraying): void
    {
        foreach (PreOven::cases() as $what) {
            $pins = match ($what) {
                PreOven::Torch => $spraying->part->pins()->where('kind', 'recess')->pluck('id')->all(),
                PreOven::Wiped => $spraying->part->pins()->where('kind', 'seat')->pluck('id')->all(),
                default => [null],
            };
            foreach ($pins as $pin) {
                $look = ['what' => $what->value, 'pin' => $pin === null ? '' : (string) $pin];
                $this->send("/sprayings/{$spraying->id}/checks", $look)->assertSessionHasNoErrors();
            }
        }
    }

    public function test_a_coat_is_weighed_sprayed_in_order_looked_at_and_logged(): void
    {
        $gun = $this->gun();
        $box = $this->powderLot();
        $part = $this->at();
        $this->pin($part, PinKind::Recess, 50, 40);
        $this->pin($part, PinKind::Seat, 60, null);
        $page = $this->actingAs($this->finisher)->get('/station/coat')->assertOk();
        $page->assertSee('to weigh out')->assertSee('recess at pin 1')->assertSee('Booth gun')->assertSee('thin');
        $spraying = $this->weigh($part, ['powder_lot' => (string) $box->id, 'gun' => (string) $gun->id]);
        self::assertSame([$gun->id, $box->id, 4], [$spraying->gun_id, $spraying->powder_lot_id, $spraying->pieces]);
        self::assertSame(Openness::Casting, $spraying->openness, 'a recess is pinned');
        self::assertSame(['pin-1', 'inside', 'face', 'far_side'], $spraying->zones->pluck('zone')->all());
        self::assertEqualsWithDelta(19400, PowderStock::leftG($box), 1e-6);
        self::assertNotNull($box->refresh()->opened_on);
        // The faces do not come before the recess.
        $face = $spraying->zones->firstWhere('zone', 'face');
        $this->send("/sprayings/{$spraying->id}/zones/{$face->id}")->assertSessionHasErrors('zone');
        $first = $spraying->zones->firstOrFail();
        $as = ['kv' => '40', 'passes' => '6'];
        $this->send("/sprayings/{$spraying->id}/zones/{$first->id}", $as)->assertSessionHasNoErrors();
        self::assertSame([40.0, 6], [$first->refresh()->kv, $first->passes]);
        $this->send("/sprayings/{$spraying->id}/zones/{$first->id}", ['undo' => '1'])->assertSessionHasNoErrors();
        self::assertNull($first->refresh()->ticked_at);
        $this->allZones($spraying);
        $this->get('/station/coat')->assertSee('look at the raw powder');
        $done = ['pieces' => '4', 'back' => '150', 'minutes' => '14', 'raw' => '130 140 150', 'part_is' => '21'];
        $this->send("/sprayings/{$spraying->id}/done", $done)->assertSessionHasErrors('note');
        $this->allLooks($spraying);
        $this->send("/sprayings/{$spraying->id}/done", $done)->assertSessionHasNoErrors();
        $spraying->refresh();
        self::assertEqualsWithDelta(450, $spraying->usedG(), 1e-9);
        self::assertEqualsWithDelta(140 * 0.55, $spraying->raw_um, 1e-9, 'raw film by the powder\'s factor');
        self::assertSame(14.0, $spraying->minutes);
        self::assertEqualsWithDelta(19550, PowderStock::leftG($box->refresh()), 1e-6);
        $walk = RoutingProgress::of($this->batch($part));
        self::assertTrue($walk->isCoated($this->coat($part)));
        $this->get('/station/coat')->assertSee('is on. Its bake is next.')->assertSee('Blow it off');
        // Sent twice it is done once.
        $this->send("/sprayings/{$spraying->id}/done", $done)->assertSessionHasErrors('zone');
        self::assertSame(1, Spraying::query()->count());
    }

    public function test_raw_readings_come_from_a_gauge_s_file_as_well(): void
    {
        $spraying = $this->weigh($this->at());
        $done = "/sprayings/{$spraying->id}/done";
        $log = ['pieces' => '4', 'note' => 'by the file'];
        $this->sendCsv($done, "spot;raw\nface;wet\n", $log + ['unit' => 'um'])->assertSessionHasErrors('file');
        $this->sendCsv($done, "a\n120\n140\n", $log)->assertSessionHasErrors('file');
        self::assertNull($spraying->refresh()->done_at);
        $this->sendCsv($done, "spot;raw (mil)\nface;5,0\ninside;6,0\n", $log)->assertSessionHasNoErrors();
        $spraying->refresh();
        self::assertNull($spraying->raw_read_um, 'a gauge predicts the film itself');
        self::assertSame(UncuredGauge::Ultrasonic, $spraying->raw_kind);
        self::assertEqualsWithDelta(5.5 * 25.4, (float) $spraying->raw_um, 1e-9);
    }

    public function test_the_respirator_is_confirmed_before_the_first_trigger_pull(): void
    {
        $part = $this->at();
        $this->send(
            "/batches/{$this->batch($part)->id}/weigh",
            ['weighed' => '600'],
        )->assertSessionHasErrors('respirator');
        self::assertSame(0, Spraying::query()->count());
        self::assertTrue($this->weigh($part)->respirator);
    }

    public function test_a_timer_runs_while_charge_drains_to_ground(): void
    {
        $batch = $this->batch($this->at());
        foreach (['', '0', '300', 'long'] as $wrong) {
            $this->send("/batches/{$batch->id}/drain-clock", ['drain' => $wrong])->assertSessionHasErrors('drain');
        }
        $this->send("/batches/{$batch->id}/drain-clock", ['drain' => '20'])->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/drain-clock", ['drain' => '20'])->assertSessionHasErrors('step');
        $this->get('/station/coat')->assertSee('Draining to ground until');
        $clock = StepTimer::query()->where('step', 'drain')->firstOrFail();
        $this->send("/clocks/{$clock->id}/done")->assertSessionHasNoErrors();
        $this->get('/station/coat')->assertDontSee('Draining to ground until');
    }

    public function test_a_comb_is_read_by_two_teeth(): void
    {
        $spraying = $this->weigh($this->at());
        $done = fn (string $raw, string $kind) => $this->send("/sprayings/{$spraying->id}/done", [
            'pieces' => '4', 'note' => 'combed', 'raw' => $raw, 'raw_kind' => $kind,
        ]);
        $done('125', 'comb')->assertSessionHasErrors('raw');
        self::assertStringContainsString('like 125/150', session('errors')->first('raw'));
        $done('150/125', 'comb')->assertSessionHasErrors('raw');
        $done('125/150', 'ruler')->assertSessionHasErrors('raw_kind');
        self::assertNull($spraying->refresh()->done_at);
        $done('125/150 100 / 125', 'comb')->assertSessionHasNoErrors();
        $spraying->refresh();
        self::assertEqualsWithDelta(125.0, (float) $spraying->raw_read_um, 1e-9);
        self::assertEqualsWithDelta(125.0 * 0.55, (float) $spraying->raw_um, 1e-9);
        self::assertGreaterThan(0.0, $spraying->raw_sd_um);
        self::assertSame('68.8 µm ± 6.88 µm', UncuredReadingsInput::words($spraying));
    }

    public function test_of_four_three_are_coated_and_cure_offers_those(): void
    {
        $part = $this->at();
        $spraying = $this->weigh($part);
        $this->send("/sprayings/{$spraying->id}/done", ['pieces' => '5', 'note' => 'x'])
            ->assertSessionHasErrors('pieces');
        self::assertNull($spraying->refresh()->done_at, 'refused, it is open still');
        $this->send("/sprayings/{$spraying->id}/done", ['pieces' => '3', 'note' => 'cup was empty'])
            ->assertSessionHasNoErrors();
        $batches = Batch::query()->where('part_id', $part->id)->orderBy('id')->get();
        self::assertSame([1, 3], $batches->pluck('count')->all());
        self::assertSame($batches[1]->id, $spraying->refresh()->batch_id, 'the log goes with the pieces it coated');
        self::assertEqualsWithDelta(3 / 4 * 4 * 0.8, $spraying->area_m2, 1e-9);
        $coat = $this->coat($part);
        self::assertFalse(RoutingProgress::of($batches[0])->isCoated($coat));
        self::assertTrue(RoutingProgress::of($batches[1])->isCoated($coat));
        $this->get("/station/coat?lot={$batches[0]->id}")->assertSee('to weigh out');
    }

    public function test_raw_powder_is_blown_off_and_baked_powder_is_not(): void
    {
        $part = $this->at(metal: 'carbon_steel');
        $batch = $this->batch($part);
        (new BareSteelTimer())->start($batch, $this->finisher, 20);
        $this->weigh($part);
        $spraying = Spraying::query()->firstOrFail();
        $quick = ['pieces' => '4', 'note' => 'quick'];
        $this->send("/sprayings/{$spraying->id}/done", $quick)->assertSessionHasNoErrors();
        self::assertNull($batch->refresh()->load('clocks')->bareSteelClock(), 'powder covers it');
        $this->later(10);
        $this->send("/sprayings/{$spraying->id}/blow-off", ['why' => ''])->assertSessionHasErrors('why');
        $this->send("/sprayings/{$spraying->id}/blow-off", ['why' => 'thin', 'back' => '99000'])
            ->assertSessionHasErrors('back');
        $this->send("/sprayings/{$spraying->id}/blow-off", ['why' => 'thin at the rail', 'back' => '80'])
            ->assertSessionHasNoErrors();
        self::assertFalse(RoutingProgress::of($this->batch($part))->isCoated($this->coat($part)));
        $clock = Batch::query()->with('clocks')->findOrFail($batch->id)->bareSteelClock();
        self::assertNotNull($clock, 'bare again, and since it was blasted');
        self::assertEqualsWithDelta(30, $clock->started_at->diffInMinutes($this->now->addMinutes(10)), 0.1);
        $this->send("/sprayings/{$spraying->id}/blow-off", ['why' => 'again'])->assertSessionHasErrors('why');
        // Sprayed again, baked: it stays.
        $second = $this->weigh($part);
        $this->send("/sprayings/{$second->id}/done", ['pieces' => '4', 'note' => 'quick'])->assertSessionHasNoErrors();
        $this->excuse($this->batch($part), Station::Cure);
        Batch::query()->whereKey($batch->id)->update(['station' => Station::Cure]);
        $this->bakeFor($this->hang($part), 40);
        Batch::query()->whereKey($batch->id)->update(['station' => Station::Coat]);
        $this->send("/sprayings/{$second->id}/blow-off", ['why' => 'too late'])->assertSessionHasErrors('why');
    }

    public function test_one_spraying_at_a_time_from_a_lot_that_holds_enough(): void
    {
        $part = $this->at();
        $small = $this->powderLot(0.4);
        $from = ['powder_lot' => (string) $small->id];
        $batch = $this->batch($part);
        $this->send("/batches/{$batch->id}/weigh", self::ON + $from + ['weighed' => '401'])
            ->assertSessionHasErrors('weighed');
        $other = $this->powderLot(5, of: $this->powder('Lamp black', [[180, 15, 45]]));
        $this->send("/batches/{$batch->id}/weigh", self::ON + ['powder_lot' => (string) $other->id, 'weighed' => '100'])
            ->assertSessionHasErrors('powder_lot');
        $this->get('/station/coat')->assertSee('lot lacks');
        $this->weigh($part, $from + ['weighed' => '400']);
        $this->send("/batches/{$batch->id}/weigh", self::ON + ['weighed' => '100'])->assertSessionHasErrors('weighed');
        self::assertSame(1, Spraying::query()->count());
        $spraying = Spraying::query()->firstOrFail();
        $this->send("/sprayings/{$spraying->id}/done", ['pieces' => '4', 'back' => '401', 'note' => 'x'])
            ->assertSessionHasErrors('back');
        foreach (['weighed' => 'much', 'gun' => '999', 'zone' => 'all'] as $field => $typed) {
            $this->send("/batches/{$batch->id}/weigh", self::ON + [$field => $typed])->assertSessionHasErrors($field);
        }
    }

    public function test_what_wants_a_name_is_not_begun_in_silence(): void
    {
        $part = $this->at();
        $old = $this->powderLot(20, '2026-11-01');
        $this->get('/station/coat');
        $batch = $this->batch($part);
        $form = ['weighed' => '500', 'powder_lot' => (string) $old->id];
        $this->send("/batches/{$batch->id}/weigh", self::ON + $form)->assertSessionHasErrors('note');
        $this->send("/batches/{$batch->id}/weigh", self::ON + $form + ['note' => 'panel of it was fine'])
            ->assertSessionHasNoErrors();
        self::assertSame('panel of it was fine', Spraying::query()->firstOrFail()->note);
    }

    public function test_what_is_turned_is_answered_and_goes_along(): void
    {
        $gun = $this->gun();
        $gun->programs()->create(['number' => 2, 'name' => 'flats', 'kv' => 62, 'ua' => 33, 'air' => 1.1]);
        $part = $this->at();
        $batch = $this->batch($part);
        $query = "lot={$batch->id}&gun={$gun->id}&film=80&hand=250&zone[face][kv]=55&zone[face][away]=260";
        $this->actingAs($this->finisher)->get("/station/coat?{$query}")->assertOk()
            ->assertSee('80 µm aimed at')->assertSee('value="55"', false)->assertSee('value="260"', false);
        $program = $gun->programs()->firstOrFail();
        $this->get("/station/coat?lot={$batch->id}&gun={$gun->id}&program={$program->id}")
            ->assertSee('value="62"', false)->assertSee('value="33"', false);
        $this->get('/station/coat?zone[face][kv]=900')->assertRedirect();
        $spraying = $this->weigh($part, [
            'gun' => (string) $gun->id, 'film' => '80', 'hand' => '250', 'zone' => ['face' => ['kv' => '55']],
        ]);
        self::assertSame(80.0, $spraying->planned_um);
        self::assertSame(55.0, $spraying->zones->firstWhere('zone', 'face')->kv);
        $us = User::query()->findOrFail($this->finisher->id);
        $us->update(['unit_system' => 'us']);
        $this->actingAs($us->refresh())->get('/station/coat')->assertSee(' oz');
        $text = strip_tags((string) $this->get('/station/coat')->getContent());
        self::assertDoesNotMatchRegularExpression('/\d ?(µm|mm|°C|kg|g\b(?!\/))/u', $text);
    }

    public function test_what_is_weighed_and_measured_teaches(): void
    {
        $box = $this->powderLot(50);
        self::assertSame(1.0, SprayStatistics::transfer($this->green, Openness::Panel)->factor);
        foreach ([1, 2, 3] as $ignored) {
            $part = $this->at();
            $spraying = $this->weigh($part, ['powder_lot' => (string) $box->id, 'weighed' => '1500']);
            // Half of what the book says lands: twice the powder for the film that was planned.
            $used = $spraying->area_m2 * 1.55 * 70 / (0.5 * $spraying->planned_transfer);
            $this->send("/sprayings/{$spraying->id}/done", [
                'pieces' => '4', 'back' => (string) (1500 - $used),
                'minutes' => (string) (2 * $spraying->planned_minutes),
                'raw' => (string) (70 / 0.55), 'note' => 'x',
            ])->assertSessionHasNoErrors();
        }
        Once::flush();
        $half = SprayStatistics::transfer($this->green, Openness::Panel);
        self::assertSame(3, $half->logs);
        // Three that agree: variance 0.18 / 5, k = that / 0.0625.
        $counts = 3 / (3 + 0.18 / 5 / 0.0625);
        self::assertEqualsWithDelta(0.5 ** $counts, $half->factor, 1e-6);
        self::assertEqualsWithDelta(2 ** $counts, SprayStatistics::minutes()->factor, 1e-6);
        self::assertSame(
            1.0,
            SprayStatistics::transfer($this->green, Openness::Casting)->factor,
            'of its own kind only',
        );
        $next = $this->batch($this->at());
        $this->actingAs($this->finisher)->get("/station/coat?lot={$next->id}")
            ->assertSee('39 % of the powder lands')->assertSee('Last time')->assertSee('As last time');
        $after = Spraying::query()->latest('id')->firstOrFail();
        $after->update(['blown_off_at' => $this->now]);
        $this->get("/station/coat?lot={$next->id}")->assertSee('From 2 logged jobs so far');
    }

    public function test_earth_checks_colour_changes_and_stand_ins(): void
    {
        $part = $this->at();
        $this->send('/ground-checks', ['ohm_of' => 'booth', 'ohm' => '2e3'])->assertSessionHasNoErrors();
        $this->send('/ground-checks', ['ohm_of' => 'roof', 'ohm' => '2'])->assertSessionHasErrors('ohm_of');
        $this->send('/ground-checks', ['ohm_of' => 'gun', 'ohm' => 'much'])->assertSessionHasErrors('ohm');
        $this->get('/station/coat')->assertSee('Not checked today: gun and its stand, rail, who sprays.');
        $spraying = $this->weigh($part, ['weighed' => '1500']);
        $this->get('/scale?asked=500')->assertOk()->assertSee('value="510"', false);
        $this->get("/scale?spraying={$spraying->id}")->assertOk()->assertSee('name="back"', false);
        $this->get("/sprayings/{$spraying->id}/gauge")->assertOk()->assertSee('name="raw"', false);
        config(['app.demo' => false]);
        $this->get('/scale?asked=500')->assertNotFound();
        $this->get("/sprayings/{$spraying->id}/gauge")->assertNotFound();
        $this->get('/station/coat')->assertDontSee('simulated');
        config(['app.demo' => true]);
        $black = $this->powder('Lamp black', [[180, 15, 45]]);
        $black->update(['colour' => '#eeeeee']);
        $this->at(coats: [['base', $black, 'full']]);
        $this->get('/station/coat')->assertSee('a dear neighbour');
        $form = ['from' => 'Promenade green', 'to' => 'Lamp black', 'planned' => '12', 'took' => '18'];
        $this->send('/color-changes', $form + ['done' => ['gun_off']])->assertSessionHasErrors('done');
        $all = ['done' => array_keys(ColorChange::STEPS)];
        $this->send('/color-changes', $form + $all)->assertSessionHasNoErrors();
        $this->get('/station/coat')->assertSee('From 1 logged job so far');
    }

    public function test_a_lot_sent_on_while_it_is_sprayed_is_found_again(): void
    {
        $part = $this->at();
        $this->weigh($part);
        $batch = $this->batch($part);
        $this->send("/batches/{$batch->id}/send", ['to' => 'cure', 'seen_at' => 'coat'])->assertSessionHasErrors();
        self::assertSame(Station::Coat, $batch->refresh()->station, 'powder is on it in part');
        $this->send("/batches/{$batch->id}/split", ['pieces' => '2'])->assertSessionHasErrors();
        self::assertSame(1, Batch::query()->where('part_id', $part->id)->count());
        $this->send("/parts/{$part->id}/withdraw")->assertSessionHasErrors('coats');
        self::assertNull($part->refresh()->withdrawn_at);
        $this->send("/sprayings/{$this->openOf($part)->id}/blow-off", ['why' => 'gun stopped'])
            ->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/split", ['pieces' => '2'])->assertSessionHasNoErrors();
    }

    public function test_a_reserve_is_the_house_s(): void
    {
        $this->at();
        $board = fn (): string => (string) $this->actingAs($this->finisher)->get('/station/coat')->getContent();
        preg_match('/([\d,]+) g is kept for a redo/', $board(), $tenth);
        Shop::query()->whereKey(1)->update(['powder_reserve' => 0.2]);
        Once::flush();
        preg_match('/([\d,]+) g is kept for a redo/', $board(), $fifth);
        self::assertEqualsWithDelta(2 * (float) $tenth[1], (float) $fifth[1], 2);
    }

    public function test_a_step_told_done_needs_no_spraying(): void
    {
        $part = $this->at();
        $walk = RoutingProgress::of($this->coated($part));
        self::assertNull($walk->walk->firstOpen(1, StepKind::Coat));
        $this->actingAs($this->finisher)->get('/station/coat')->assertOk()->assertSee('is on. Its bake is next.');
    }

    public function test_nothing_is_weighed_from_a_box_that_is_finished_or_withdrawn_by_now(): void
    {
        $part = $this->at();
        $batch = $this->batch($part);
        foreach (['finished' => 'is finished by the books', 'withdrawn' => 'was withdrawn'] as $what => $says) {
            $box = $this->powderLot();
            $this->send("/powder-lots/{$box->id}", ['what' => $what])->assertSessionHasNoErrors();
            $this->send(
                "/batches/{$batch->id}/weigh",
                self::ON + ['weighed' => '600', 'powder_lot' => (string) $box->id],
            )
                ->assertSessionHasErrors('powder_lot');
            self::assertStringContainsString($says, session('errors')->first('powder_lot'));
            self::assertSame(0, Spraying::query()->count());
        }
        // Told afterwards by the number on the box it is the same, so that no gram leaves it unseen.
        $told = ['coat' => $this->coat($part)->id, 'powder_lot' => '26-07', 'weighed' => '600'];
        $this->send("/batches/{$batch->id}/coated", $told);
        self::assertSame(0, Spraying::query()->whereNotNull('weighed_g')->whereNull('powder_lot_id')->count());
        // A box that is weighed is there, whatever the books said.
        $box = PowderLot::query()->whereNotNull('finished_at')->firstOrFail();
        $this->send("/powder-lots/{$box->id}", ['what' => 'weighed', 'holds' => '3'])->assertSessionHasNoErrors();
        self::assertNull($box->refresh()->finished_at);
        $this->later(1);
        $this->weigh($part, ['powder_lot' => (string) $box->id]);
        self::assertEqualsWithDelta(3000 - 600, PowderStock::leftG($box), 1e-6);
    }
}
