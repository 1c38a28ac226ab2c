<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Curing\Models\Reading;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Simulated\HiddenOven;
use App\Curing\Simulated\SimulatedThermometer;
use App\Curing\ViewModels\BakeViewModel;
use App\Platform\Clock\ShopClock;
use App\Routing\Queries\BatchCoatStatus;
use Illuminate\Support\Once;
use Illuminate\Support\Str;

final class BakeTest extends ShopTestCase
{
    private function mixed(): OvenLoad
    {
        $job = $this->job();

        return $this->hang($this->part($job), $this->part($job, 'sheet panel', 6.3, 0.8, 4, 'carbon_steel'));
    }

    public function test_hanging_a_load_works_out_its_bake(): void
    {
        $job = $this->job();
        $ends = $this->part($job);
        $panels = $this->part($job, 'sheet panel', 6.3, 0.8, 4, 'carbon_steel');
        $items = [
            $this->batch($ends)->id => ['hang' => '1', 'count' => '2'],
            $this->batch($panels)->id => ['hang' => '1', 'count' => '4'],
        ];
        $this->send('/bakes', ['oven_id' => $this->oven->id, 'items' => $items])->assertSessionHasNoErrors();
        $bake = OvenLoad::query()->firstOrFail();
        // The reference plan of nearly this load (door 75 s, panels seeing 0.75 of the shell) is 34.25 min at 212 °C
        // from the opening.
        self::assertEqualsWithDelta(212, $bake->setpoint_c, 2);
        self::assertEqualsWithDelta(34.25 - 60 / 60, $bake->minutes, 2);
        $page = $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertOk();
        $page
            ->assertSee('Bench end decides')
            ->assertSee('The ledger')
            ->assertSee('From oven entry')
            ->assertSee('class="chart"', false);
        $this->send('/bakes', ['oven_id' => $this->oven->id, 'items' => $items])->assertSessionHasErrors(
            "items.{$this->batch($ends)->id}",
        );
        $this->send('/bakes', [
            'oven_id' => $this->oven->id,
            'items' => [$this->batch($ends)->id => ['count' => '2']],
        ])->assertSessionHasErrors('items');
    }

    public function test_what_does_not_hang_at_cure_cannot_be_hung(): void
    {
        $part = $this->part($this->job(Station::Coat));
        $this->send('/bakes', [
            'oven_id' => $this->oven->id,
            'items' => [$this->coat($part)->id => ['hang' => '1', 'count' => '1']],
        ])->assertSessionHasErrors();
        self::assertSame(0, OvenLoad::query()->count());
    }

    public function test_settings_are_answered_with_a_new_picture(): void
    {
        $bake = $this->mixed();
        $short = ['setpoint' => '200', 'minutes' => '12', 'door_open_s' => '60', 'start' => '', 'way' => 'window'];
        $this->actingAs($this->finisher)
            ->post("/bakes/{$bake->id}/adjust", $short, ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('Too short')
            ->assertSee('data-tone="stop"', false);
        self::assertSame(12.0, $bake->refresh()->minutes);
        $this->actingAs($this->finisher)
            ->post("/bakes/{$bake->id}/adjust", ['minutes' => '120'] + $short, ['HX-Request' => 'true'])
            ->assertSee('Too long');
        $this->actingAs($this->finisher)
            ->post("/bakes/{$bake->id}/adjust", ['door_open_s' => '240', 'minutes' => '40'] + $short, [
                'HX-Request' => 'true',
            ])
            ->assertSee('The door standing open for 240 s costs');
        $this->actingAs($this->finisher)
            ->post("/bakes/{$bake->id}/adjust", ['setpoint' => '400 F'] + $short)
            ->assertRedirect("/bakes/{$bake->id}");
        self::assertEqualsWithDelta(204.44, $bake->refresh()->setpoint_c, 0.01);
        $this->send("/bakes/{$bake->id}/adjust", ['setpoint' => '300'] + $short)->assertSessionHasErrors(
            'setpoint',
        );
        $this->send("/bakes/{$bake->id}/adjust", ['minutes' => '0'] + $short)->assertSessionHasErrors('minutes');
        $this->send("/bakes/{$bake->id}/best")->assertSessionHasNoErrors();
        self::assertGreaterThan(30, $bake->refresh()->minutes);
    }

    public function test_a_load_no_bake_serves_is_parted_in_one_click(): void
    {
        $quick = $this->powder('Slipway grey', [[180, 18, 45], [200, 8, 20]]);
        $job = $this->job();
        $bake = $this->hang(
            $this->part($job, 'column base', 80, 1.5, 4, 'cast_iron', [['base', $quick, 'full']]),
            $this->part($job, 'thin skirt', 1.9, 0.48, 8, 'carbon_steel', [['base', $quick, 'full']]),
        );
        $this->actingAs($this->finisher)
            ->get("/bakes/{$bake->id}")
            ->assertSee('No single bake serves all of this')
            ->assertSee('bake them apart')
            ->assertSee('some of it taken out early')
            ->assertSee('Thin skirt out');
        $once = (string) Str::uuid();
        $this->send("/bakes/{$bake->id}/split", ['_once' => $once])->assertSessionHasNoErrors();
        $this->send("/bakes/{$bake->id}/split", ['_once' => $once]);
        self::assertSame(2, OvenLoad::query()->where('status', 'planned')->count());
        foreach (OvenLoad::query()->get() as $one) {
            self::assertTrue(BakeViewModel::of($one)->outlook->good());
            self::assertSame(1, $one->items()->count());
        }
        $this->send("/bakes/{$bake->id}/split")->assertSessionHasErrors('load');
    }

    public function test_the_clock_is_the_stored_instant_and_the_same_for_everyone(): void
    {
        $bake = $this->mixed();
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasNoErrors();
        $this->later(10);
        $until = fn (): string => preg_match(
            '/data-until="(\d+)"/',
            (string) $this->actingAs($this->viewer)
                ->get("/bakes/{$bake->id}")
                ->getContent(),
            $m,
        ) === 1
            ? $m[1]
            : '';
        $first = $until();
        self::assertEqualsWithDelta($this->now->addMinutes(34)->getTimestampMs(), (int) $first, 150000);
        $this->later(5);
        self::assertEqualsWithDelta((int) $first, (int) $until(), 100);
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasErrors('load');
        $this->send("/bakes/{$bake->id}/adjust", [
            'setpoint' => '200',
            'minutes' => '12',
            'door_open_s' => '60',
            'way' => 'window',
        ])->assertSessionHasErrors('load');
        // The next load is planned while this one bakes; only its door waits.
        $next = $this->hang($this->part($this->job(), 'cleat', 3, 0.11));
        $this->send("/bakes/{$next->id}/shut")->assertSessionHasErrors('load');
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
        $this->send("/bakes/{$next->id}/shut")->assertSessionHasNoErrors();
        self::assertSame('running', $next->refresh()->status);
    }

    public function test_a_reading_corrects_the_plan_and_says_by_how_much(): void
    {
        $bake = $this->mixed();
        (new RunOven())->shut($bake, $this->finisher);
        $this->later(14);
        $before = BakeViewModel::of($bake->refresh());
        $model = $before->outlook->run->surfaceC(0, 15 * 60);
        $key = $before->load->hung[0]->key();
        $this->send("/loads/{$bake->id}/readings", [
            'item' => $key,
            'shown' => (string) round($model - 18), 'confirmed' => '1',
            'set_emissivity' => '0.9',
            'display' => (string) round($before->outlook->run->airC(15 * 60)),
        ])->assertSessionHasNoErrors();
        $after = BakeViewModel::of($bake->refresh());
        self::assertLessThan(0.9, $after->correction->factor);
        self::assertGreaterThan($before->outlook->readyMinutes + 3, $after->outlook->readyMinutes);
        self::assertLessThan($after->latest, $after->earliest);
        self::assertGreaterThan($after->outlook->readyMinutes, $after->latest);
        self::assertGreaterThanOrEqual($after->outlook->readyMinutes, $after->bestPull(), 'late rather than early');
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('of what the model thought')
            ->assertSee('two times in three')
            ->assertDontSee('Too short');
        $reading = Reading::query()->firstOrFail();
        $this->send("/readings/{$reading->id}/withdraw")->assertSessionHasNoErrors();
        self::assertSame(1.0, BakeViewModel::of($bake->refresh())->correction->factor);
        self::assertNotNull(Reading::query()->firstOrFail()->getAttribute('withdrawn_at'));
        $this->send("/loads/{$bake->id}/readings", [
            'item' => '99-0',
            'shown' => '150', 'confirmed' => '1',
            'set_emissivity' => '0.9',
        ])->assertSessionHasErrors('item');
        $this->send("/loads/{$bake->id}/readings", [
            'item' => $key,
            'shown' => 'hot',
            'set_emissivity' => '0.9',
        ])->assertSessionHasErrors('shown');
        $this->send("/loads/{$bake->id}/readings", [
            'item' => $key,
            'shown' => '150', 'confirmed' => '1',
            'set_emissivity' => '0',
        ])->assertSessionHasErrors('set_emissivity');
    }

    public function test_a_shop_of_its_own_has_no_instrument_that_makes_figures_up(): void
    {
        $this->actingAs($this->finisher)->get('/station/blast')->assertSee('Read the weather station');
        config(['app.demo' => false]);
        $this->get('/station/blast')->assertDontSee('Read the weather station');
        $this->send('/air', ['from_station' => '1'])->assertNotFound();
        $bake = $this->mixed();
        (new RunOven())->shut($bake, $this->finisher);
        $this->get("/bakes/{$bake->id}")->assertOk()->assertDontSee('simulated');
        $this->get("/loads/{$bake->id}/thermometer")->assertNotFound();
        $this->later(40);
        (new RunOven())->pull($bake->refresh(), $this->finisher);
        $this->get("/bakes/{$bake->id}")->assertOk()->assertDontSee('simulated');
        $this->send("/bakes/{$bake->id}/logs", ['simulated' => '1'])->assertNotFound();
    }

    public function test_the_simulated_thermometer_knows_an_oven_the_model_does_not(): void
    {
        $bake = $this->mixed();
        (new RunOven())->shut($bake, $this->finisher);
        $this->later(15);
        $key = BakeModelFactory::from($bake->refresh())->hung[0]->key();
        $this->actingAs($this->finisher)
            ->get("/loads/{$bake->id}/thermometer?item={$key}")
            ->assertOk()
            ->assertSee('name="shown"', false)
            ->assertSee('stand_in');
        $this->actingAs($this->finisher)
            ->get("/loads/{$bake->id}/thermometer?item=9-9")
            ->assertStatus(422);
        // Readings of the hidden oven bring the curve nearer to it than the model was.
        $truth = fn (int $minute): float => (new SimulatedThermometer(
            $bake->refresh(),
            BakeModelFactory::from($bake)->readItems(),
        ))->shows(0, $this->now->addMinutes($minute));
        foreach ([12, 16, 20] as $minute) {
            $this->later($this->now->addMinutes($minute)->diffInMinutes(ShopClock::now(), false) * -1);
            (new RunOven())->read($bake->refresh(), $this->finisher, $key, $truth($minute), 0.9, 'stand_in');
        }
        $board = BakeViewModel::of($bake->refresh());
        $plain = $board->load->outlook(26, 1.0)->run->surfaceC(0, 25 * 60);
        $hidden = (new HiddenOven($bake, $board->load->items()))->run(25 * 60)->surfaceC(0, 25 * 60);
        self::assertLessThan(
            max(3.5, abs($hidden - $plain)),
            abs($hidden - $board->outlook->run->surfaceC(0, 25 * 60)),
        );
    }

    public function test_what_happens_is_logged_and_the_plan_follows(): void
    {
        $bake = $this->mixed();
        (new RunOven())->shut($bake, $this->finisher);
        $ready = fn (): float => (float) BakeViewModel::of($bake->refresh())->outlook->readyMinutes;
        $this->later(12);
        $plain = $ready();
        $this->send("/loads/{$bake->id}/events", ['kind' => 'door', 'door_s' => '90'])->assertSessionHasNoErrors();
        $door = $ready();
        self::assertGreaterThan($plain + 0.3, $door);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'power_lost']);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'power_lost'])->assertSessionHasErrors('kind');
        $this->later(6);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('The power is off');
        $off = $ready();
        self::assertGreaterThan($door + 2, $off);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'power_back']);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'power_back'])->assertSessionHasErrors('kind');
        $this->later(1);
        self::assertEqualsWithDelta($off, $ready(), 0.2);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'setpoint', 'new_setpoint' => '225']);
        self::assertLessThan($off - 0.5, $ready());
        $this->send("/loads/{$bake->id}/events", [
            'kind' => 'setpoint',
            'new_setpoint' => '400',
        ])->assertSessionHasErrors('new_setpoint');
        $this->send("/loads/{$bake->id}/events", ['kind' => 'door', 'door_s' => ''])->assertSessionHasErrors(
            'door_s',
        );
        $event = OvenEvent::query()->where('kind', 'setpoint')->firstOrFail();
        $this->send("/events/{$event->id}/withdraw");
        self::assertEqualsWithDelta($off, $ready(), 0.2);
    }

    public function test_the_pull_writes_what_every_layer_became(): void
    {
        $bake = $this->bakeFor($this->mixed(), 33.3);
        self::assertSame('pulled', $bake->status);
        $results = OvenResult::query()
            ->with('coat.part')
            ->get()
            ->keyBy(fn (OvenResult $r): string => $r->coat->part->name);
        self::assertSame(
            [CureState::Cured, CureState::Cured],
            [$results['bench end']->state, $results['sheet panel']->state],
        );
        self::assertGreaterThan(1.05, $results['bench end']->dose);
        self::assertLessThan(0.9, $results['sheet panel']->overbake);
        self::assertGreaterThan($results['sheet panel']->handle_minutes, $results['bench end']->handle_minutes);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('every fresh layer is what it was meant to be')
            ->assertSee('Too hot to touch');
        $this->later(120);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertSee('Cool since');
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasErrors('load');
        $this->send("/loads/{$bake->id}/events", ['kind' => 'power_lost'])->assertSessionHasErrors('load');
    }

    public function test_pulled_too_early_goes_back_in_with_what_it_has(): void
    {
        $job = $this->job();
        $part = $this->part($job);
        $this->bakeFor($this->hang($part), 20);
        self::assertTrue(BatchCoatStatus::standing($this->coat($part), $this->batch($part))->goesBackIn());
        $dose = (float) OvenResult::query()->sum('dose');
        self::assertGreaterThan(0.0, $dose);
        $again = $this->hang($part);
        self::assertEqualsWithDelta($dose, BakeModelFactory::from($again)->hung[0]->aim->doseSoFar, 1e-9);
        $this->later(60);
        $this->bakeFor($again, $again->minutes + 1);
        self::assertTrue(BatchCoatStatus::standing($this->coat($part), $this->batch($part))->isDone());
    }

    public function test_coat_upon_coat_keeps_its_ledger(): void
    {
        $primer = $this->powder('Undercoat Z', [[160, 15, 90], [180, 8, 45]]);
        $job = $this->job();
        $part = $this->part($job, 'lamp arm', 6.4, 0.55, 8, 'carbon_steel', [
            ['primer', $primer, 'flow'],
            ['base', $this->green, 'full'],
        ]);
        $first = $this->hang($part);
        $this->bakeFor($first, $first->minutes);
        $flowed = OvenResult::query()->firstOrFail();
        self::assertSame(CureState::Flowed, $flowed->state);
        self::assertLessThan(0.5, $flowed->dose);
        $this->actingAs($this->finisher)
            ->get("/bakes/{$first->id}")
            ->assertSee('next is the base.');
        $this->later(60);
        $second = (new \App\Curing\Commands\LoadCure())(
            $this->oven,
            [$this->coated($part, 2)->id => 8],
            $this->finisher,
        )->refresh();
        $load = BakeModelFactory::from($second);
        self::assertCount(2, $load->hung[0]->layers);
        self::assertEqualsWithDelta($flowed->dose, $load->hung[0]->layers[0]->dose, 1e-9);
        $this->bakeFor($second, $second->minutes);
        self::assertSame(3, OvenResult::query()->count());
        $under = OvenResult::query()->where('oven_load_id', $second->id)->where('fresh', false)->firstOrFail();
        self::assertSame($this->coat($part)->id, $under->coat_id);
        self::assertGreaterThan(0.8, $under->dose);
        // The first bake's page still tells what it told then.
        self::assertSame(0.0, BakeModelFactory::from($first->refresh())->hung[0]->layers[0]->dose);
    }

    public function test_light_alloy_keeps_an_account_of_its_heat(): void
    {
        $bake = $this->hang($this->part($this->job(), 'lantern body', 6.2, 0.62, 2, 'cast_aluminium'));
        $this->bakeFor($bake, 35);
        self::assertGreaterThan(1.0, OvenResult::query()->firstOrFail()->metal_minutes);
        $iron = $this->hang($this->part($this->job(), 'cleat', 3.1, 0.11));
        $this->bakeFor($iron, 35);
        self::assertSame(0.0, OvenResult::query()->latest('id')->firstOrFail()->metal_minutes);
    }

    public function test_thick_and_thin_regions_are_judged_apart(): void
    {
        $sections = [
            ['name' => 'foot', 'mass_kg' => 24.0, 'area_m2' => 0.6],
            ['name' => 'arm', 'mass_kg' => 8.0, 'area_m2' => 0.7],
        ];
        $part = $this->part($this->job(), 'bench end', 32, 1.3, 2, 'cast_iron', null, $sections);
        $bake = $this->hang($part);
        $board = BakeViewModel::of($bake);
        self::assertSame('bench end, foot', $board->decides()->item->name);
        self::assertSame('bench end, arm', $board->suffers()->item->name);
        $this->bakeFor($bake, $bake->minutes);
        self::assertSame(2, OvenResult::query()->count());
        self::assertNotNull(OvenResult::query()->firstOrFail()->section_id);
    }

    public function test_a_load_can_be_taken_down_before_it_starts_and_not_after(): void
    {
        $bake = $this->mixed();
        $this->send("/bakes/{$bake->id}/withdraw")->assertSessionHasNoErrors();
        self::assertSame('withdrawn', $bake->refresh()->status);
        $this->actingAs($this->viewer)
            ->get("/bakes/{$bake->id}")
            ->assertNotFound();
        $running = $this->mixed();
        (new RunOven())->shut($running, $this->finisher);
        $this->send("/bakes/{$running->id}/withdraw")->assertSessionHasErrors('load');
    }

    public function test_which_bake_is_planned_is_the_house_s_way_and_each_is_shown_beside_the_others(): void
    {
        $job = $this->job();
        $bake = $this->hang($this->part($job), $this->part($job, 'sheet panel', 6.3, 0.8, 4, 'carbon_steel'));
        $shortest = [$bake->refresh()->setpoint_c, $bake->minutes];
        $window = function () use ($bake): float {
            $look = BakeViewModel::of($bake->refresh())->outlook;

            return ($look->spoiltMinutes ?? INF) - (float) $look->readyMinutes;
        };
        $narrow = $window();
        $page = $this->actingAs($this->viewer)->get("/bakes/{$bake->id}/choices")->assertOk();
        $page->assertSee('Widest window')->assertSee('Least energy')->assertSee('the house')->assertDontSee('Set the');
        $this->send("/bakes/{$bake->id}/best", ['prefer' => 'widest'])->assertSessionHasNoErrors();
        $bake->refresh();
        self::assertLessThan($shortest[0], $bake->setpoint_c);
        self::assertGreaterThan($shortest[1], $bake->minutes);
        self::assertLessThanOrEqual(1.26 * $shortest[1], $bake->minutes);
        self::assertGreaterThan($narrow, $window());
        $this->send("/bakes/{$bake->id}/best", ['prefer' => 'never'])->assertSessionHasErrors('prefer');
        $this->send("/bakes/{$bake->id}/best")->assertSessionHasNoErrors();
        self::assertSame($shortest, [$bake->refresh()->setpoint_c, $bake->minutes]);
        Shop::current()->update(['prefer' => 'widest']);
        Once::flush();
        $this->send("/bakes/{$bake->id}/best")->assertSessionHasNoErrors();
        self::assertLessThan($shortest[0], $bake->refresh()->setpoint_c);
    }

    public function test_a_reading_counts_what_the_surface_mirrors_and_bright_metal_is_not_read(): void
    {
        $bake = $this->hang($this->part($this->job(), 'panel', 4.7, 0.8, 2, 'aluminium'));
        (new RunOven)->shut($bake, $this->finisher);
        $this->later(10);
        $key = BakeModelFactory::from($bake->refresh())->hung[0]->key();
        $read = fn (array $with) => $this->send("/loads/{$bake->id}/readings", $with + [
            'item' => $key, 'shown' => '150', 'confirmed' => '1', 'set_emissivity' => '0.9',
        ]);
        $read(['door' => 'open'])->assertSessionHasNoErrors();
        $read(['door' => 'shut'])->assertSessionHasNoErrors();
        [$open, $shut] = Reading::query()->orderBy('id')->get()->all();
        self::assertEqualsWithDelta(150, $open->celsius, 0.1);
        self::assertLessThan($open->celsius - 4, $shut->celsius);
        $read(['surface' => 'bare'])->assertSessionHasErrors('surface');
        self::assertStringContainsString('matt tape', session('errors')->first('surface'));
        self::assertSame(2, Reading::query()->count());
    }

    public function test_the_sheet_says_how_its_cure_is_counted_and_the_eye_may_start_the_clock(): void
    {
        $this->green->update(['clock_way' => 'flowed', 'door_c' => 200, 'door_minutes' => 30]);
        $bake = $this->hang($this->part($this->job(), 'bench end'));
        self::assertSame('flowed', $bake->way->value);
        (new RunOven())->shut($bake, $this->finisher);
        $this->later(20);
        $page = $this->actingAs($this->finisher)->get("/bakes/{$bake->id}");
        $page->assertSee('It has flowed: start the clock');
        $this->send("/loads/{$bake->id}/events", ['kind' => 'flowed'])->assertSessionHasNoErrors();
        $this->actingAs($this->finisher)->get("/bakes/{$bake->id}")->assertDontSee('It has flowed: start the clock')
            ->assertSee('seen to have flowed');
        $this->send("/loads/{$bake->id}/events", ['kind' => 'flowed'])->assertSessionHasErrors('kind');
        $load = BakeModelFactory::from($bake->refresh());
        $clock = 1.1 * $this->green->sheet()->clockMinutes($bake->way, $bake->setpoint_c);
        self::assertEqualsWithDelta(21 + $clock, BakeViewModel::of($bake)->outlook->readyMinutes, 0.1);
        self::assertEqualsWithDelta(21 * 60, (float) $load->rules()->flowedS, 1);
        (new RunOven())->pull($bake, $this->finisher);
        $this->green->update(['clock_way' => null]);
        self::assertNotSame('flowed', $this->hang($this->part($this->job(), 'arm'))->way->value);
    }
}
