<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Gun;
use App\Curing\Commands\LoadBakeOut;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\Reading;
use App\Curing\ViewModels\BakeViewModel;
use App\Curing\ViewModels\CureLedgerLine;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Queries\ChecklistLine;
use App\Platform\Presentation\Units;
use App\Release\Queries\BatchRecord;
use App\Release\ViewModels\CertificateBatch;
use App\Routing\Commands\CompleteStep;
use App\Routing\Models\BatchEvent;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use App\ShopFloor\Commands\MoveBatch;
use App\ShopFloor\Commands\Remedies;

/** What stopped people in the first week of a shop of their own, each held so that it does not come back. */
final class FirstWeekTest extends ShopTestCase
{
    private function page(string $address): string
    {
        $html = (string) $this->actingAs($this->finisher)->get($address)->assertOk()->getContent();

        return (string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($html)));
    }

    public function test_a_gel_temperature_nobody_entered_is_one_figure_and_marked_as_assumed(): void
    {
        $this->green->update(['flow_c' => null, 'flow_minutes' => null]);
        $coats = [['base', $this->green, 'flow'], ['clear', $this->green, 'full']];
        $part = $this->part($this->job(), 'plaque', coats: $coats);
        $gel = fn () => collect(PartRoute::of($part->refresh())->steps)
            ->firstOrFail(fn ($step): bool => $step->kind === StepKind::Bake && $step->coat === 1);
        self::assertSame(140.0, $gel()->celsius);
        self::assertStringContainsString('assumed', $gel()->why->words);
        $load = $this->hang($part);
        $page = $this->page("/bakes/{$load->id}");
        self::assertStringContainsString('140 °C (assumed', $page);
        $this->green->update(['flow_c' => 125, 'flow_minutes' => 4]);
        self::assertSame([125.0, 4.0], [$gel()->celsius, $gel()->holdMinutes]);
        self::assertStringNotContainsString('assumed', $gel()->why->words);
    }

    public function test_pieces_pulled_early_are_judged_and_go_their_own_way_while_the_rest_bakes_on(): void
    {
        $part = $this->part($this->job(), 'finial', 1.4, 0.08, 6, 'carbon_steel');
        $load = $this->hang($part);
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later($load->minutes + 1);
        $item = $load->items()->firstOrFail();
        $out = fn (string $pieces) => $this->send("/bakes/{$load->id}/items/{$item->id}/out", [
            'door_s' => '30', 'pieces' => $pieces,
        ]);
        $out('7')->assertSessionHasErrors('pieces');
        $out('6')->assertSessionHasErrors('item');
        $out('2')->assertSessionHasNoErrors();
        self::assertSame([4, 2], OvenLoadItem::query()->orderBy('id')->pluck('count')->all());
        self::assertSame([4, 2], $part->batches()->orderBy('id')->pluck('count')->all());
        $page = $this->page("/bakes/{$load->id}");
        self::assertStringContainsString('What each is now', $page);
        self::assertStringContainsString('Sign, on to Inspect', $page);
        $two = $part->batches()->where('count', 2)->firstOrFail();
        $this->send("/batches/{$two->id}/go", ['seen_at' => 'cure', 'to' => 'inspect', 'then' => 'on'])
            ->assertSessionHasNoErrors();
        self::assertSame(Station::Inspect, $two->refresh()->station);
        // Their record has their own minutes, the ledger the minute they left.
        $this->later(20);
        $this->send("/bakes/{$load->id}/pull")->assertSessionHasNoErrors();
        $minutes = fn ($batch): float => BatchRecord::build($batch->refresh())['bakes'][0]['minutes'];
        self::assertEqualsWithDelta($load->minutes + 1, $minutes($two), 0.2);
        $four = $part->batches()->where('count', 4)->firstOrFail();
        self::assertEqualsWithDelta($load->minutes + 21, $minutes($four), 0.2);
        // Their curve ends where they left, also in the oven's picture of the last time.
        $end = fn ($batch): float => (float) last(
            BatchRecord::build($batch->refresh())['bakes'][0]['curve']['minutes'],
        );
        self::assertEqualsWithDelta($load->minutes + 1, $end($two), 0.2);
        self::assertEqualsWithDelta($load->minutes + 21, $end($four), 0.2);
        $ledger = CureLedgerLine::all(BakeViewModel::of($load->refresh()));
        self::assertStringStartsWith('out at ', $ledger[1]->doneAt);
        self::assertStringNotContainsString('-1.0', implode(' ', array_map(fn ($one) => $one->doneAt, $ledger)));
    }

    public function test_every_block_carries_remedies_and_they_never_touch_the_shop_s_own_limit(): void
    {
        Shop::current()->update(['hook_kg' => 25]);
        $part = $this->part($this->job(Station::Intake), 'bollard', 34, 0.9, 2);
        $batch = $this->batch($part);
        // Refused at the counter, the remedies stand under the refusal.
        $this->actingAs($this->finisher)->from("/jobs/{$part->job_id}")->followingRedirects()
            ->post("/batches/{$batch->id}/go", ['seen_at' => 'intake', 'then' => 'on'])
            ->assertSee('the hook carries 25')->assertSee('Hang each on 2 hooks');
        $remedy = ['rule' => 'hook-load', 'remedy' => 'more_hooks'];
        $this->send("/parts/{$part->id}/remedies", $remedy, as: $this->viewer)->assertForbidden();
        $this->send("/parts/{$part->id}/remedies", $remedy)->assertSessionHasNoErrors();
        self::assertSame(2, $part->refresh()->rack?->hooks);
        self::assertSame(25.0, Shop::query()->firstOrFail()->hook_kg);
        $held = array_map(fn (Finding $one) => $one->rule->key, PartRoute::of($part)->holding());
        self::assertNotContains('hook-load', $held);
        $this->send("/parts/{$part->id}/remedies", ['remedy' => 'magic'] + $remedy)->assertSessionHasErrors('remedy');
        foreach (RuleBook::all() as $rule) {
            if ($rule->severity === Severity::Stop) {
                $remedies = Remedies::of($part, $rule);
                self::assertNotSame('', $remedies[0]->label, $rule->key);
                foreach ($remedies as $one) {
                    $href = explode('#', (string) $one->href)[0];
                    $href === '' ?: $this->get($href)->assertOk();
                }
            }
        }
    }

    public function test_the_traveler_prints_the_setting_of_the_load_and_never_the_row_of_the_data_sheet(): void
    {
        $part = $this->part($this->job());
        $card = fn (): string => $this->page("/jobs/{$part->job_id}/card");
        self::assertStringContainsString('the load decides', $card());
        self::assertStringNotContainsString('200 °C 8 min', $card());
        $load = $this->hang($part);
        $set = 'set '.Units::current()->temp($load->setpoint_c).', '.Units::minutes($load->minutes);
        self::assertStringContainsString("{$set} door closed to pull (planned)", $card());
    }

    public function test_the_customer_reads_nothing_of_open_defects_or_of_hot_metal(): void
    {
        $part = $this->part($this->job());
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 1);
        $this->hangAt($part, Station::Release);
        $batch = $this->batch($part);
        self::assertStringContainsString('cool to handle at', $this->page('/station/release'));
        $this->send("/batches/{$batch->id}/release", ['note' => 'he waits'])->assertSessionHasErrors('release');
        $this->cooled();
        $this->send("/batches/{$batch->id}/release", ['note' => 'he waits'])->assertSessionHasNoErrors();
        self::assertStringNotContainsString('cool to handle', $this->page("/jobs/{$part->job_id}/sheet"));
        $open = ['says' => 'thin', 'pieces' => 2, 'became' => 'open: nobody has decided yet', 'open' => true];
        $sanded = ['became' => 'sanded', 'open' => false] + $open;
        $sheet = CertificateBatch::of(['faults' => [$open, $sanded]], Units::current());
        self::assertSame(['Thin on 2: sanded'], $sheet->agreed);
        $pdf = (string) $this->get("/jobs/{$part->job_id}/sheet.pdf")->assertOk()->getContent();
        self::assertStringNotContainsString('/URI', $pdf, 'the library links to itself');
    }

    public function test_a_quote_names_the_work_in_its_order_and_says_where_the_hourly_rate_is_missing(): void
    {
        $part = $this->part($this->job(Station::Intake), 'grille', 3, 0.4, 4, 'carbon_steel');
        self::assertStringContainsString('No hourly rate is set', $this->page("/jobs/{$part->job_id}/quote"));
        self::assertStringContainsString('No hourly rate is set', $this->page("/parts/{$part->id}/route"));
        $quote = ['valid_until' => '2026-12-20'];
        $this->send("/jobs/{$part->job_id}/quotes", $quote)->assertSessionHasErrors('set_price');
        Shop::query()->firstOrFail()->update(['price_hour' => 70]);
        $this->send("/jobs/{$part->job_id}/quotes", $quote)->assertSessionHasNoErrors();
        $stations = array_map(fn (Station $one) => $one->value, PartRoute::of($part)->stations());
        $inOrder = array_values(array_filter(
            array_map(fn (Station $one) => $one->value, Station::cases()),
            fn (string $one): bool => in_array($one, $stations, true),
        ));
        self::assertSame($inOrder, $stations);
    }

    public function test_a_move_forward_to_an_earlier_station_is_no_return(): void
    {
        $part = $this->part($this->job(Station::Intake), 'hinge', 1.2, 0.1, 2, 'carbon_steel');
        $batch = $this->batch($part);
        foreach ([Station::MaskAndHang, Station::Blast] as $to) {
            $from = $batch->refresh()->station;
            $this->excuse($batch, $to);
            $walk = RoutingProgress::of($batch->refresh())->walk;
            if (! $from->isAfter($to) || $walk->leadsTo($to)) {
                (new MoveBatch())->send($batch, $this->finisher, $to, null, $from);
            }
        }
        self::assertSame([], BatchEvent::query()->where('kind', 'sent_back')->pluck('to_station')->all());
        self::assertStringNotContainsString('Returned by', $this->page('/station/blast'));
    }

    public function test_a_bake_out_is_as_long_on_the_route_as_at_the_oven_and_short_it_does_not_go_on(): void
    {
        $part = $this->part($this->job(Station::BakeOut), 'finial', 1.4, 0.08, 6, 'cast_aluminium');
        $step = collect(PartRoute::of($part)->steps)->firstOrFail(fn ($one) => $one->kind === StepKind::BakeOut);
        $load = (new LoadBakeOut())($this->oven, [$this->batch($part)->id => 6], $this->owner);
        self::assertEqualsWithDelta($load->minutes, $step->waitMinutes, 1.0);
        $set = ['target' => '210', 'hold' => '45', 'setpoint' => (string) $load->setpoint_c];
        $hot = $load->minutes;
        $this->send("/bake-outs/{$load->id}/set", $set + ['start' => '20'])->assertSessionHasNoErrors();
        self::assertGreaterThan($hot + 5, $load->refresh()->minutes, 'a cold oven takes longer');
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later(30);
        $this->send("/bake-outs/{$load->id}/pull")->assertSessionHasNoErrors();
        $page = $this->page("/station/bake-out?load={$load->id}");
        self::assertStringContainsString('Not long enough', $page);
        self::assertStringContainsString('Bake it out again', $page);
        self::assertStringNotContainsString('clean, nothing came up', $page);
        $this->send("/bake-outs/{$load->id}/look", ['look' => 'clean'])->assertSessionHasErrors('look');
    }

    public function test_no_solvent_on_hot_metal_until_it_is_cool_or_measured_so(): void
    {
        $part = $this->part($this->job());
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 1);
        $batch = $this->batch($part);
        // By every way a solvent, a stripper or a bath could reach it.
        foreach (['strip-clock', 'wash-clock'] as $clock) {
            $this->send("/batches/{$batch->id}/{$clock}", ['step' => 'any'])->assertSessionHasErrors('step');
            self::assertStringContainsString('before', session('errors')->first('step'));
        }
        $batch->update(['station' => Station::Inspect]);
        $coat = $part->coats()->firstOrFail();
        $rub = fn () => $this->send("/coats/{$coat->id}/solvent-rub", [
            'rubs' => '50', 'rating' => '5', 'solvent' => 'MEK', 'lot' => (string) $batch->id,
        ]);
        self::assertStringContainsString('Hot metal: about 2', $this->page("/station/inspect?lot={$batch->id}"));
        $rub()->assertSessionHasErrors('rubs');
        $this->send("/coats/{$coat->id}/film", ['readings' => '70 71 72', 'lot' => (string) $batch->id])
            ->assertSessionHasErrors('film');
        $cool = CoolingEstimate::of($batch->refresh())?->handleAt();
        self::assertNotNull($cool);
        self::assertTrue($cool->gt(now()->addMinutes(20)) && $cool->lt(now()->addMinutes(240)));
        $read = fn (string $metal) => $this->send("/batches/{$batch->id}/metal-temperature", ['metal' => $metal]);
        $read('')->assertSessionHasErrors('metal');
        $read('31')->assertSessionHasNoErrors();
        $rub()->assertSessionHasNoErrors();
        self::assertStringNotContainsString('Hot metal', $this->page("/station/inspect?lot={$batch->id}"));
    }

    public function test_how_the_gun_is_used_is_asked_once_and_a_gap_is_asked_about_before_it_counts(): void
    {
        Shop::query()->firstOrFail()->update(['reads_door_open' => null]);
        $load = $this->hang($this->part($this->job()));
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later(12);
        $board = BakeViewModel::of($load->refresh());
        $metal = $board->surfaceC(0, 60 * $board->nowRunMinutes());
        $reading = ['item' => $board->readItems()[0]->key(), 'set_emissivity' => '0.9'];
        $read = fn (array $more) => $this->send("/loads/{$load->id}/readings", $more + $reading);
        $read(['shown' => (string) round($metal)])->assertSessionHasErrors('door');
        $read(['shown' => (string) round($metal - 30), 'door' => 'open'])->assertSessionHasErrors('gap');
        self::assertSame(0, Reading::query()->count());
        self::assertStringContainsString('Use this reading', $this->page("/bakes/{$load->id}"));
        $read(['shown' => (string) round($metal), 'door' => 'open'])->assertSessionHasNoErrors();
        self::assertTrue(Shop::query()->firstOrFail()->reads_door_open);
        // From now on the form starts with it; far off, it counts once somebody says so.
        $read(['shown' => (string) round($metal - 30), 'confirmed' => '1'])->assertSessionHasNoErrors();
        self::assertSame(2, Reading::query()->where('door_open', true)->count());
        $this->get("/bakes/{$load->id}")->assertSee('<option value="open" selected', false);
    }

    public function test_a_history_keeps_the_pieces_each_line_was_about(): void
    {
        $part = $this->part($this->job(Station::Blast), 'bracket', 1, 0.1, 6);
        $batch = $this->batch($part);
        (new MoveBatch())->sign($batch, $this->finisher, 'blasted all six', Station::Blast);
        $this->send("/batches/{$batch->id}/split", ['pieces' => '2', 'seen_at' => 'blast'])->assertSessionHasNoErrors();
        $signed = BatchEvent::query()->where('kind', 'signed')->firstOrFail();
        self::assertSame(6, $signed->pieces);
        self::assertStringContainsString('6 × bracket', $signed->who());
        self::assertSame(4, $batch->refresh()->count);
        self::assertSame(
            '2 of 6 into',
            substr((string) BatchEvent::query()->where('kind', 'split')->value('note'), 0, 11),
        );
    }

    public function test_what_is_done_at_the_oven_is_signed_on_at_its_station(): void
    {
        $part = $this->part($this->job(), 'bridge post', 2.0, 0.2, 2, 'carbon_steel');
        $this->bakeFor($this->hang($part), 60);
        $page = $this->page('/station/cure?lot='.$this->batch($part)->id);
        self::assertStringContainsString('Here, and not for the oven', $page);
        self::assertStringContainsString('Sign, on to Inspect', $page);
    }

    public function test_saving_leads_back_to_the_set_up_list_until_the_owner_is_done_with_it(): void
    {
        $gun = ['name' => 'Cup gun', 'kind' => 'unknown', 'feed' => 'cup'];
        $this->send('/guns', $gun, $this->owner)->assertSessionHasNoErrors()->assertRedirectContains('/guns/');
        Shop::query()->update(['set_up_at' => null]);
        $this->send('/guns', ['name' => 'Hopper gun'] + $gun, $this->owner)->assertRedirect('/set-up');
        $list = fn (): string => (string) $this->actingAs($this->owner)->get('/set-up')->assertOk()->getContent();
        self::assertStringContainsString('href="/guns"', $list());
        Gun::query()->delete();
        self::assertStringContainsString('href="/guns/create"', $list());
        $this->send('/set-up', [], $this->owner)->assertRedirect('/jobs/create');
        self::assertNotNull(Shop::query()->firstOrFail()->set_up_at);
    }

    public function test_the_coat_bench_names_the_figures_nobody_entered(): void
    {
        $this->green->update(['specific_gravity' => null]);
        $gun = Gun::query()->create(['name' => 'Cup gun', 'kind' => 'unknown', 'feed' => 'cup', 'most_kv' => 100]);
        $batch = $this->batch($this->part($this->job(Station::Coat), 'cap', 0.5, 0.05));
        CompleteStep::reopen($batch, $this->finisher, 'coat-1-1', 'not sprayed yet');
        $batch->update(['station' => Station::Coat]);
        $page = fn (): string => $this->page("/station/coat?lot={$batch->id}");
        self::assertStringContainsString('Estimated: specific gravity 1.5, powder flow, pattern width.', $page());
        $this->green->update(['specific_gravity' => 1.6]);
        $gun->update(['flow_g_min' => 140, 'pattern_mm' => 180]);
        self::assertStringNotContainsString('Estimated:', $page());
    }

    public function test_all_looks_that_need_no_name_are_ticked_at_once(): void
    {
        $batch = $this->batch($this->part($this->job(Station::Inspect), 'cap', 0.5, 0.05));
        $listed = fn (Station $at): string => implode(',', array_map(
            fn (ChecklistLine $line): string => $line->key(),
            InspectionChecklist::of(RoutingProgress::of($batch->refresh()))->unnamed($at),
        ));
        $all = fn (string $keys) => $this->send("/batches/{$batch->id}/inspection-checks/all", ['listed' => $keys]);
        $inspect = $listed(Station::Inspect);
        $all($listed(Station::Release))->assertSessionHasErrors('listed');
        $all($inspect)->assertSessionHasNoErrors();
        $all($inspect)->assertSessionHasErrors('listed');
        // A tablet that still shows Inspect ticks nothing of Release.
        $batch->refresh()->update(['station' => Station::Release]);
        $all($inspect)->assertSessionHasErrors('listed');
        $over = InspectionChecklist::of(RoutingProgress::of($batch->refresh()));
        self::assertSame([], $over->unnamed(Station::Inspect));
        self::assertGreaterThan(2, count($over->at(Station::Inspect)));
        self::assertNotSame([], $over->unnamed(Station::Release), 'those of Release are looked at there');
    }

    public function test_a_page_counts_the_steps_of_a_part_in_one_way(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $page = $this->page("/jobs/{$part->job_id}");
        self::assertSame(1, preg_match('/(\d+) steps,/', $page, $planned));
        self::assertSame(1, preg_match('/\d+ of (\d+) steps/', $page, $walk));
        self::assertSame($walk[1], $planned[1]);
    }

    public function test_who_works_alone_ticks_several_steps_at_once_and_is_taken_along(): void
    {
        $part = $this->part($this->job(Station::Intake), 'grille', 3, 0.4, 4, 'carbon_steel');
        $batch = $this->batch($part);
        $at = Station::Wash;
        $first = collect(PartRoute::of($part)->steps)->search(fn ($step): bool => $step->kind->station() === $at);
        foreach ([StepKind::Scrub, StepKind::Rinse] as $more) {
            $this->send("/parts/{$part->id}/route", ['how' => 'add', 'at' => $first, 'kind' => $more->value]);
        }
        $batch = $this->batch($part->refresh());
        $this->excuse($batch, $at);
        $batch->update(['station' => $at]);
        $here = fn (): array => array_values(array_filter(
            RoutingProgress::of($batch->refresh())->walk->here($at),
            fn (int $n): bool => ! RoutingProgress::of($batch)->walk->steps[$n]->kind->hasOwnLog(),
        ));
        $steps = array_map(fn ($line) => $line->key, RoutingProgress::of($batch->refresh())->some($here()));
        self::assertGreaterThan(1, count($steps));
        $this->actingAs($this->finisher)->get("/station/{$at->value}?lot={$batch->id}")
            ->assertSee('All '.count($steps).' done');
        $this->send("/batches/{$batch->id}/tick", ['steps' => [...$steps, 'nonsense']])->assertSessionHasErrors('step');
        self::assertCount(count($steps), $here(), 'all of them or none');
        $this->send("/batches/{$batch->id}/tick", ['steps' => $steps])->assertSessionHasNoErrors();
        self::assertSame([], $here());
        $this->excuse($batch->refresh(), RoutingProgress::of($batch)->nextStation());
        $go = ['seen_at' => $at->value, 'then' => 'on', 'note' => 'dry'];
        $to = RoutingProgress::of($batch->refresh())->nextStation();
        User::query()->whereKeyNot($this->finisher->id)->update(['active' => false]);
        $this->send("/batches/{$batch->id}/go", $go)->assertRedirect("/station/{$to->value}?lot={$batch->id}");
    }

    public function test_a_message_is_a_sentence_and_names_the_field(): void
    {
        $this->send('/jobs', ['customer' => '', 'title' => ''])->assertSessionHasErrors(['title']);
        foreach (session('errors')->all() as $message) {
            self::assertDoesNotMatchRegularExpression('/The .* field/', $message);
        }
        $this->actingAs($this->viewer)->get('/jobs/create')->assertForbidden()
            ->assertSee('That is not yours to do')->assertDontSee('This action is unauthorized');
    }
}
