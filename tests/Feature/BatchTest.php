<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Queries\LoadOutcome;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Preparation\Commands\BareSteelTimer;
use App\Release\Queries\ReleaseCheck;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\StepCompletion;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\BatchCoatStatus;
use App\Routing\Queries\MetalHeatHistory;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** Pieces travel in lots: counted at all times, each on its own way, none handed over with a step left. */
final class BatchTest extends ShopTestCase
{
    /** @return Collection<int, Batch> that are there */
    private function batches(Part $part): Collection
    {
        return Batch::query()->where('part_id', $part->id)->where(
            'status',
            '!=',
            'joined',
        )->orderBy('id')->get()->toBase();
    }

    private function pieces(Part $part): int
    {
        return (int) $this->batches($part)->sum('count');
    }

    public function test_split_joined_and_scrapped_no_piece_is_gained_or_lost(): void
    {
        $part = $this->part($this->job(Station::Blast), 'bracket', 0.4, 0.03, 240, 'carbon_steel');
        $batch = $this->batch($part);
        $this->send("/batches/{$batch->id}/into", ['each' => '50'])->assertSessionHasNoErrors();
        self::assertSame([40, 50, 50, 50, 50], $this->batches($part)->pluck('count')->all());
        $this->send("/batches/{$batch->id}/split", ['pieces' => '40'])->assertSessionHasErrors('pieces');
        $this->send("/batches/{$batch->id}/split", ['pieces' => '0'])->assertSessionHasErrors('pieces');
        $this->send("/batches/{$batch->id}/split", ['pieces' => '5', 'name' => 'bag'])->assertSessionHasNoErrors();
        $bag = $this->batches($part)->last();
        self::assertSame(['bag', 5, Station::Blast], [$bag?->name, $bag?->count, $bag?->station]);
        $this->send("/batches/{$bag?->id}/scrap", ['scrapped' => '2', 'why' => ''])->assertSessionHasErrors('why');
        $this->send("/batches/{$bag?->id}/scrap", ['scrapped' => '2', 'why' => 'bent'])->assertSessionHasNoErrors();
        $this->send("/batches/{$bag?->id}/join", ['into' => (string) $batch->id])->assertSessionHasNoErrors();
        self::assertSame(240, $this->pieces($part));
        self::assertSame(38, $batch->refresh()->count);
        self::assertSame(1, Batch::query()->where('status', 'scrapped')->where('count', 2)->count());
        $this->send("/batches/{$bag?->id}/split", ['pieces' => '1'])->assertSessionHasErrors('lot');
        $kinds = BatchEvent::query()->whereNotNull('batch_id')->pluck('kind')->countBy()->all();
        self::assertSame(['split' => 5, 'scrapped' => 1, 'joined' => 1], $kinds);
        $page = $this->actingAs($this->viewer)->get("/jobs/{$part->job_id}")->assertOk();
        $page->assertSee('38 × bracket, lot 1')->assertSee('50 × bracket, lot 2')->assertSee('scrapped');
        // Where nobody splits, nobody sees the word.
        $whole = $this->part($this->job(Station::Blast), 'arm');
        $this->get("/jobs/{$whole->job_id}")->assertDontSee('lot 1');
    }

    public function test_each_lot_has_its_own_place_clocks_and_ticks(): void
    {
        $part = $this->part($this->job(Station::Blast), 'bracket', 0.4, 0.03, 10, 'carbon_steel');
        [$rest, $cart] = [$this->batch($part), (new SplitBatch)($this->batch($part), 4, $this->finisher)];
        $blast = ['minutes' => '12', 'kind' => 'blast', 'media' => 'garnet'];
        $this->send("/batches/{$cart->id}/blasted", $blast)->assertSessionHasNoErrors();
        self::assertNotNull(BareSteelTimer::usedOf($cart));
        self::assertNull(BareSteelTimer::usedOf($rest));
        self::assertNull(RoutingProgress::of($cart->refresh())->walk->firstOpen(null, StepKind::Blast));
        self::assertNotNull(RoutingProgress::of($rest->refresh())->walk->firstOpen(null, StepKind::Blast));
        // What was done before the split was done to both.
        $third = (new SplitBatch)($cart, 1, $this->finisher);
        self::assertNull(RoutingProgress::of($third)->walk->firstOpen(null, StepKind::Blast));
        self::assertSame(2, StepTimer::query()->where('step', StepTimer::BARE_STEEL)->whereNull('done_at')->count());
        $to = RoutingProgress::of($cart->refresh())->nextStation();
        $go = ['seen_at' => 'blast', 'then' => 'on', 'to' => $to->value];
        $response = $this->send("/batches/{$cart->id}/go", $go)->assertSessionHasNoErrors();
        // Back where the hands are: another lot of the part, and a link to the one just sent.
        self::assertStringContainsString('/station/blast?lot=', (string) $response->headers->get('Location'));
        self::assertSame("/station/{$to->value}?lot={$cart->id}", session('sent')['to']);
        self::assertSame($to, $cart->refresh()->station);
        self::assertSame(Station::Blast, $rest->refresh()->station);
        $this->actingAs($this->viewer)->get("/station/{$to->value}")->assertSee('3 × bracket')->assertDontSee('6 ×');
        // Joined with what is not blasted, the blast is open for all of them.
        (new SplitBatch)->join($third, $rest, $this->finisher);
        self::assertNotNull(RoutingProgress::of($rest->refresh())->walk->firstOpen(null, StepKind::Blast));
    }

    public function test_leaving_with_a_step_undone_asks_what_happened(): void
    {
        $part = $this->part($this->job(), 'arm', 3, 0.4, 2, 'carbon_steel');
        $batch = $this->batch($part);
        StepCompletion::query()->where('batch_id', $batch->id)->delete();
        $batch->update(['station' => Station::Blast]);
        $go = ['seen_at' => 'blast', 'then' => 'on', 'to' => 'coat'];
        $this->send("/batches/{$batch->id}/go", $go)->assertRedirect("/batches/{$batch->id}/leave?to=coat");
        self::assertSame(Station::Blast, $batch->refresh()->station);
        $page = $this->actingAs($this->finisher)->get("/batches/{$batch->id}/leave?to=coat")->assertOk();
        $page->assertSee('what happened?')->assertSee('undone[blast-0-1][what]', false)->assertSee('Check the ground');
        $keys = array_map(
            fn (int $n): string => RoutingProgress::of($batch)->walk->keys[$n]->text(),
            RoutingProgress::of($batch)->walk->passed(Station::Blast, Station::Coat),
        );
        $silent = array_fill_keys($keys, ['who' => '', 'at' => '', 'why' => '']);
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => $silent])
            ->assertSessionHasErrors(array_map(fn (string $key): string => "undone.{$key}.what", $keys));
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => ['all' => ['what' => 'not_needed']] + $silent])
            ->assertSessionHasErrors('undone.all.why');
        $future = ['what' => 'done', 'who' => 'J. Tellmark', 'at' => '2026-11-24T10:00'];
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => ['blast-0-1' => $future] + $silent])
            ->assertSessionHasErrors('undone.blast-0-1.at');
        $told = ['blast-0-1' => ['at' => '2026-11-23T09:30'] + $future];
        $all = ['what' => 'not_needed', 'why' => 'clean new sheet'];
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => $told + ['all' => $all] + $silent])
            ->assertSessionHasNoErrors();
        self::assertSame(Station::Coat, $batch->refresh()->station);
        $mark = StepCompletion::query()->where('step', 'blast-0-1')->firstOrFail();
        self::assertSame(['done', 'told', 'J. Tellmark'], [$mark->outcome, $mark->source, $mark->who]);
        self::assertSame('2026-11-23 08:30', $mark->done_at?->format('Y-m-d H:i'));
        // Steel that is said to be blasted half an hour ago has been bare for half an hour.
        self::assertEqualsWithDelta(30, $batch->bareSteelClock()?->started_at->diffInMinutes($this->now), 0.1);
        $this->get("/jobs/{$part->job_id}/record")->assertSee('J. Tellmark')->assertSee('clean new sheet');
    }

    public function test_nothing_is_handed_over_with_a_step_put_off(): void
    {
        $part = $this->part($this->job(Station::Inspect), 'arm', 3, 0.4, 2, 'carbon_steel', []);
        $batch = $this->batch($part);
        CompleteStep::reopen($batch, $this->finisher, 'hang-0-1', 'taken down again');
        $go = ['seen_at' => 'inspect', 'then' => 'on', 'to' => 'release'];
        $this->send("/batches/{$batch->id}/tick", ['step' => 'inspect-0-1'])->assertSessionHasErrors('step');
        $this->look($batch);
        $this->send("/batches/{$batch->id}/go", $go)->assertRedirect("/batches/{$batch->id}/leave?to=release");
        $off = ['hang-0-1' => ['what' => 'put_off', 'why' => 'later']];
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => $off])->assertSessionHasErrors('undone');
        self::assertSame(Station::Inspect, $batch->refresh()->station);
        self::assertNotSame([], ReleaseCheck::of($batch)->stops);
        $fine = ['hang-0-1' => ['what' => 'not_needed', 'why' => 'lay on the bench']];
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => $fine])->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/release", ['note' => 'no coat was wanted'])->assertSessionHasNoErrors();
        self::assertSame('released', $part->job->refresh()->status);
    }

    public function test_ten_of_twenty_four_are_baked_and_ten_are_cured(): void
    {
        $part = $this->part($this->job(), 'arm', 3, 0.4, 24, 'carbon_steel');
        $this->coated($part);
        $batch = $this->batch($part);
        $hang = ['oven_id' => $this->oven->id, 'items' => [$batch->id => ['hang' => '1', 'count' => '10']]];
        $this->send('/bakes', $hang)->assertSessionHasNoErrors();
        $load = OvenLoad::query()->latest('id')->firstOrFail();
        $this->bakeFor($load, $load->minutes + 1);
        $states = $this->batches($part)->map(fn (Batch $one): array => [
            $one->count,
            BatchCoatStatus::standing($this->coat($part), $one)->isDone(),
        ]);
        self::assertSame([[14, false], [10, true]], $states->values()->all());
        self::assertSame(24, $this->pieces($part));
        $this->actingAs($this->finisher)->get('/station/cure')
            ->assertSee('value="14"', false)
            ->assertSee('Here, and not for the oven');
        $this->get("/jobs/{$part->job_id}")->assertSee('14 × arm, lot 1')->assertSee('not baked');
        // The rest is still raw: it cannot be handed over.
        $raw = $this->batch($part);
        $this->excuse($raw, Station::Release);
        $raw->update(['station' => Station::Release]);
        $this->send("/batches/{$raw->id}/release", ['note' => 'hurry'])->assertSessionHasErrors('release');
        self::assertStringContainsString('has not been baked', session('errors')->first('release'));
    }

    public function test_cure_offers_only_what_is_coated_and_a_busy_or_full_oven_is_refused(): void
    {
        \App\Accounts\Models\Shop::query()->update(['rail_kg' => 5]);
        $bare = $this->part($this->job(), 'arm', 3, 0.4, 2, 'carbon_steel');
        CompleteStep::reopen($this->batch($bare), $this->finisher, 'coat-1-1', 'blown off');
        $this->actingAs($this->finisher)->get('/station/cure')->assertSee('is not logged as on; log it at Coat');
        $batch = $this->batch($bare);
        $hang = fn (int $count) => $this->send('/bakes', [
            'oven_id' => $this->oven->id,
            'items' => [$batch->id => ['hang' => '1', 'count' => (string) $count]],
        ]);
        $hang(2)->assertSessionHasErrors("items.{$batch->id}");
        $this->coated($bare);
        $hang(3)->assertSessionHasErrors("items.{$batch->id}");
        $hang(2)->assertSessionHasErrors('load');
        self::assertStringContainsString('the rail carries 5 kg', session('errors')->first('load'));
    }

    public function test_a_failed_rub_opens_the_bake_again_and_only_a_bake_closes_it(): void
    {
        $part = $this->part($this->job(), 'arm', 3, 0.4, 2, 'carbon_steel');
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 1);
        $this->cooled();
        $batch = $this->batch($part);
        $this->hangAt($part, Station::Inspect);
        $coat = $this->coat($part);
        $rub = ['rubs' => '50', 'solvent' => 'MEK', 'lot' => (string) $batch->id];
        $this->send("/coats/{$coat->id}/solvent-rub", $rub + ['rating' => '1'])->assertSessionHasNoErrors();
        self::assertSame(Station::Cure, RoutingProgress::of($batch->refresh())->nextStation());
        foreach (["/jobs/{$part->job_id}", "/jobs/{$part->job_id}/record", "/bakes/{$load->id}"] as $page) {
            $this->actingAs($this->viewer)->get($page)->assertOk()->assertSee('undercured by test');
        }
        $this->get("/bakes/{$load->id}")->assertSee('not every layer is what it was meant to be');
        $this->send("/batches/{$batch->id}/send", ['seen_at' => 'inspect', 'to' => 'cure'])->assertSessionHasNoErrors();
        $again = $this->hang($part);
        // The ledger keeps what was computed; the bake is sized by what the rub said of it.
        $hung = BakeModelFactory::from($again)->hung[0];
        self::assertGreaterThan(1, $hung->layers[0]->dose);
        self::assertSame(SolventRub::doseAtMost(1), $hung->aim->doseSoFar);
        $this->later(30);
        $this->bakeFor($again, 20);
        $this->cooled();
        self::assertTrue(BatchCoatStatus::standing($coat, $batch->refresh())->isDone());
        self::assertSame(1, Inspection::query()->where('verdict', 'fail')->count(), 'the failed rub stays on record');
    }

    public function test_some_leave_early_and_each_is_judged_by_what_it_had(): void
    {
        $heavy = $this->part($this->job(), 'bench end', 34, 1.15, 2, 'cast_iron');
        $light = $this->part($this->job(), 'panel', 4.7, 0.8, 2, 'carbon_steel');
        $load = $this->hang($heavy, $light);
        $load->update(['setpoint_c' => 200, 'minutes' => 70]);
        (new RunOven)->shut($load, $this->finisher);
        $this->later(28);
        $item = fn (Part $part) => $load->items()->where('part_id', $part->id)->firstOrFail();
        $out = fn (Part $part, string $door) => $this->send(
            "/bakes/{$load->id}/items/{$item($part)->id}/out",
            ['door_s' => $door],
        );
        $out($light, '0')->assertSessionHasErrors('door_s');
        $out($light, '3600')->assertSessionHasErrors('door_s');
        $out($light, '60')->assertSessionHasNoErrors();
        $out($light, '60')->assertSessionHasErrors('item');
        $out($heavy, '60')->assertSessionHasErrors('item');
        // Pressed by mistake, it is as if it had not been, its door and what it was judged by with it.
        $this->send("/bakes/{$load->id}/items/{$item($light)->id}/in")->assertSessionHasNoErrors();
        self::assertSame([0, null], [OvenResult::query()->count(), $item($light)->out_at]);
        self::assertSame(0, $load->refresh()->events->count());
        $this->send("/bakes/{$load->id}/items/{$item($light)->id}/in")->assertSessionHasErrors('item');
        $out($light, '60')->assertSessionHasNoErrors();
        // Out, it is judged at once and may go on while the rest bakes.
        self::assertTrue(BatchCoatStatus::standing($this->coat($light), $this->batch($light))->isBaked());
        $this->send("/batches/{$this->batch($light)->id}/send", ['seen_at' => 'cure', 'to' => 'inspect'])
            ->assertSessionHasNoErrors();
        $this->send("/bakes/{$load->id}/items/{$item($light)->id}/in")->assertSessionHasErrors('item');
        $this->send("/batches/{$this->batch($heavy)->id}/send", ['seen_at' => 'cure', 'to' => 'inspect'])
            ->assertSessionHasErrors('load');
        $this->actingAs($this->finisher)->get("/bakes/{$load->id}")->assertOk()->assertSee('door open 60 s');
        $this->later(42);
        $this->send("/bakes/{$load->id}/pull")->assertSessionHasNoErrors();
        self::assertSame(2, OvenResult::query()->count());
        [$first, $second] = LoadOutcome::all($load->refresh());
        self::assertSame([false, true], [$first->early, $second->early]);
        $dose = fn (Part $part): float => (float) OvenResult::query()->where('part_id', $part->id)->sum('dose');
        self::assertGreaterThan(0.5, $dose($light));
        self::assertLessThan(2.2, $dose($light), 'it did not bake on with the rest');
    }

    public function test_what_hangs_in_lots_ages_by_lot(): void
    {
        $part = $this->part($this->job(), 'arm', 3, 0.4, 4, 'cast_aluminium');
        $one = $this->batch($part);
        $other = (new SplitBatch)($one, 2, $this->finisher);
        foreach ([$one, $other] as $batch) {
            CompleteStep::logged($batch, $this->finisher, 1, StepKind::Coat);
            $load = (new \App\Curing\Commands\LoadCure)($this->oven, [$batch->id => 2], $this->finisher);
            $this->bakeFor($load->refresh(), $load->minutes + 1);
            $this->later(60);
        }
        $had = MetalHeatHistory::of($part->refresh(), batch: $one->refresh());
        self::assertGreaterThan(1, $had);
        // Two lots baked once each have aged once, not twice.
        self::assertEqualsWithDelta($had, MetalHeatHistory::of($part), 1.0);
        // A third bake of joined pieces begins from what the worse of them had.
        (new SplitBatch)->join($other->refresh(), $one->refresh(), $this->finisher);
        self::assertEqualsWithDelta($had, MetalHeatHistory::of($part->refresh(), batch: $one->refresh()), 1.0);
        self::assertTrue(BatchCoatStatus::standing($this->coat($part), $one)->isDone());
    }

    public function test_what_is_changed_on_the_shelf_changes_no_record(): void
    {
        $part = $this->part($this->job(), 'arm', 3, 0.4, 2, 'carbon_steel');
        $this->green->update(['lot' => '26-0417']);
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 1);
        $before = BakeModelFactory::from($load->refresh())->outlook(30)->items[0]->atPull->dose;
        $this->green->update(['name' => 'Renamed', 'lot' => '27-0001']);
        $this->green->rows()->update(['min_minutes' => 5]);
        $this->oven->update(['convection_w_per_m2k' => 5]);
        $after = BakeModelFactory::from(OvenLoad::query()->findOrFail($load->id))->outlook(30)->items[0]->atPull->dose;
        self::assertSame($before, $after);
        $this->actingAs($this->viewer)->get("/jobs/{$part->job_id}/record")
            ->assertSee('Promenade green')
            ->assertSee('lot 26-0417')
            ->assertDontSee('27-0001');
    }

    public function test_more_and_fewer_pieces_find_their_lot(): void
    {
        $job = $this->job();
        $part = $this->part($job, 'arm', 3, 0.4, 6, 'carbon_steel');
        $form = ['name' => 'arm', 'metal' => 'carbon_steel', 'mass_kg' => '3', 'area_m2' => '0.4'];
        $form += ['view_factor' => '0.8'];
        $path = "/parts/{$part->id}";
        $save = fn (int $count) => $this->send($path, $form + ['count' => (string) $count], method: 'PUT');
        $save(8)->assertSessionHasNoErrors();
        self::assertSame([8], $this->batches($part)->pluck('count')->all());
        (new SplitBatch)($this->batch($part), 3, $this->finisher);
        $save(4)->assertSessionHasErrors('count');
        $save(11)->assertSessionHasNoErrors();
        self::assertSame([5, 3, 3], $this->batches($part)->pluck('count')->all());
        self::assertSame(Station::Intake, $this->batches($part)->last()?->station);
        $save(10)->assertSessionHasNoErrors();
        self::assertSame(10, $this->pieces($part->refresh()));
    }

    /** Split, baked, joined, scrapped, moved at random: every piece is somewhere, and each bake counts what it held. */
    public function test_counts_add_up_over_random_walks(): void
    {
        mt_srand(424242);
        $part = $this->part($this->job(), 'clip', 1, 0.1, 60, 'carbon_steel');
        $split = new SplitBatch;
        for ($move = 0; $move < 60; $move++) {
            $open = $this->batches($part)->filter(fn (Batch $batch): bool => $batch->isOpen())->values();
            $batch = $open[mt_rand(0, $open->count() - 1)];
            $other = $open[mt_rand(0, $open->count() - 1)];
            try {
                match (mt_rand(0, 4)) {
                    0, 1 => $split($batch, mt_rand(0, 12), $this->finisher),
                    2 => $split->join($batch, $other, $this->finisher),
                    3 => mt_rand(0, 3) === 0 ? $split->scrap($batch, mt_rand(0, 2), $this->finisher, 'dropped') : null,
                    default => $this->bakeSome($batch),
                };
            } catch (\App\Platform\Errors\Refused) {
                // Refused in words; nothing is changed by it.
            }
            self::assertSame(60, $this->pieces($part), "after move {$move}");
        }
        $tally = $this->batches($part)->groupBy(fn (Batch $batch): string => $batch->status === 'scrapped'
            ? 'scrapped'
            : (BatchCoatStatus::standing($this->coat($part), $batch)->isBaked() ? 'baked' : 'raw'));
        self::assertSame(60, $tally->sum(fn (Collection $of): int => (int) $of->sum('count')));
        self::assertGreaterThan(0, OvenResult::query()->count());
        // Nothing is called baked that never was in a load.
        $isBaked = fn (Batch $batch): bool => BatchCoatStatus::standing($this->coat($part), $batch)->isBaked();
        $baked = $this->batches($part)->filter($isBaked);
        $in = OvenLoad::query()->with('items')->get()->flatMap(fn (OvenLoad $load) => $load->items)->sum('count');
        self::assertLessThanOrEqual($in, (int) $baked->sum('count'));
    }

    private function bakeSome(Batch $batch): void
    {
        CompleteStep::logged($batch, $this->finisher, 1, StepKind::Coat);
        $count = mt_rand(1, $batch->count);
        $load = (new \App\Curing\Commands\LoadCure)($this->oven, [$batch->id => $count], $this->finisher);
        $this->bakeFor($load->refresh(), 15);
        $this->later(30);
    }

    public function test_a_lot_of_another_part_is_not_touched_by_the_wrong_form(): void
    {
        $one = $this->part($this->job(Station::Inspect), 'arm');
        $other = $this->part($this->job(Station::Inspect), 'leg');
        $film = ['readings' => '70 71', 'lot' => (string) $this->batch($other)->id];
        $this->send("/coats/{$this->coat($one)->id}/film", $film)->assertSessionHasErrors('lot');
        $coated = ['coat' => (string) $this->coat($other)->id, 'pieces' => '1'];
        $this->send("/batches/{$this->batch($one)->id}/coated", $coated)->assertSessionHasErrors('coat');
        $this->send("/batches/{$this->batch($one)->id}/join", ['into' => (string) $this->batch($other)->id])
            ->assertSessionHasErrors('into');
        $this->send("/batches/{$this->batch($one)->id}/tick", ['step' => 'acid-0-1'])->assertSessionHasErrors('step');
        $this->send("/batches/{$this->batch($one)->id}/tick", ['step' => 'bake-1-1'], $this->viewer)->assertForbidden();
        self::assertSame(0, Job::query()->where('status', 'released')->count());
    }

    public function test_steel_told_to_be_blasted_long_ago_is_not_sprayed(): void
    {
        $batch = $this->batch($this->part($this->job(Station::Blast), 'arm', 3, 0.4, 2, 'carbon_steel'));
        $go = ['seen_at' => 'blast', 'then' => 'on', 'to' => 'coat'];
        $told = ['what' => 'done', 'who' => 'J. Tellmark', 'at' => '2026-11-22T09:30'];
        $keys = array_map(fn (StepKey $key): string => $key->text(), RoutingProgress::of($batch)->walk->keys);
        $before = array_slice($keys, 0, (int) array_search('coat-1-1', $keys, true));
        $undone = ['all' => $told] + array_fill_keys($before, ['who' => '']);
        $this->send("/batches/{$batch->id}/go", $go + ['undone' => $undone])->assertSessionHasErrors('bare-steel-over');
        self::assertSame(Station::Blast, $batch->refresh()->station);
        self::assertSame(0, StepCompletion::query()->where('source', 'told')->where('outcome', 'done')->count());
    }

    public function test_what_another_tablet_logged_meanwhile_is_not_told_over(): void
    {
        $batch = $this->batch($this->part($this->job(Station::Blast), 'arm', 3, 0.4, 2, 'carbon_steel'));
        CompleteStep::logged($batch, $this->finisher, null, StepKind::Blast);
        $late = ['blast-0-1' => ['what' => 'not_needed', 'why' => 'page left open']];
        $go = ['seen_at' => 'blast', 'then' => 'on', 'to' => 'wash', 'undone' => $late];
        $this->send("/batches/{$batch->id}/go", $go)->assertSessionHasNoErrors();
        self::assertSame('logged', StepCompletion::query()->where('step', 'blast-0-1')->latest('id')->value('source'));
    }

    public function test_a_job_whose_last_pieces_are_scrapped_is_closed(): void
    {
        $part = $this->part($this->job(Station::Blast), 'arm', 3, 0.4, 2, 'carbon_steel');
        $batch = $this->batch($part);
        $this->send("/batches/{$batch->id}/scrap", ['scrapped' => '2', 'why' => 'cracked'])->assertSessionHasNoErrors();
        self::assertSame('declined', $part->job->refresh()->status);
        $this->actingAs($this->viewer)->get("/jobs/{$part->job_id}/record")->assertOk()->assertSee('scrapped');
    }

    public function test_what_stops_at_a_bench_stops_as_its_lot_leaves_it(): void
    {
        $part = $this->part($this->job(), 'lantern body', 3, 0.4, 2, 'cast_aluminium');
        $part->update(['blast_medium' => 'steel_grit']);
        $batch = $this->batch($part);
        $batch->update(['station' => Station::Blast]);
        $this->excuse($batch, Station::Wash);
        $on = fn (string $note = '') => $this->send(
            "/batches/{$batch->id}/go",
            ['seen_at' => 'blast', 'then' => 'on', 'to' => 'wash', 'note' => $note],
        );
        $on('it is only a little')->assertSessionHasErrors('ferrous-media');
        self::assertSame(Station::Blast, $batch->refresh()->station);
        $part->update(['blast_medium' => 'glass_bead']);
        $on('own media, own collector')->assertSessionHasNoErrors();
        self::assertSame(Station::Wash, $batch->refresh()->station);
    }
}
