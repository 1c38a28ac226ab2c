<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Mask;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Preparation\Models\MaskApplication;
use App\Preparation\Queries\HookUse;
use App\Preparation\Queries\PartMasks;
use App\Routing\Models\StepCompletion;
use App\Routing\Queries\PartPolicies;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Once;

final class MaskAndHangTest extends ShopTestCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->part($this->job(Station::MaskAndHang), 'handrail end', 1.6, 0.12, 10, 'carbon_steel');
        $masks = [['plug 10 to 14', 'plug', 10, 14, 260], ['tape 25', 'tape', 25, 25, 180]];
        foreach ($masks as [$name, $kind, $from, $to, $rated]) {
            Mask::query()->create([
                'name' => $name,
                'kind' => $kind,
                'material' => 'silicone',
                'from_mm' => $from,
                'to_mm' => $to,
                'rated_c' => $rated,
                'held' => 40,
            ]);
        }
    }

    private function pin(string $kind, ?float $size, int $places = 1, bool $bare = false): Pin
    {
        return (new PlacePin())(
            $this->part,
            [
                'kind' => $kind,
                'x' => 0.5,
                'y' => 0.5,
                'size_mm' => $size,
                'places' => $places,
                'must_stay_bare' => $bare,
            ],
            $this->finisher,
        )->refresh();
    }

    /** @return array{batch: int} */
    private function here(): array
    {
        return ['lot' => $this->batch($this->part)->id];
    }

    public function test_masks_are_picked_from_the_shelf_fitted_and_counted_off(): void
    {
        $thread = $this->pin('thread', 12, 2);
        $page = $this->actingAs($this->finisher)->get('/station/mask-and-hang')->assertOk();
        $page
            ->assertSee('20 × plug 10 to 14')
            ->assertSee('stands 260 °C, the hottest bake is 200 °C')
            ->assertSee('value="20"', false);
        $mask = Mask::query()->where('kind', 'plug')->firstOrFail();
        $this->send("/pins/{$thread->id}/fit", $this->here() + ['mask' => $mask->id, 'fitted' => '20'])
            ->assertSessionHasNoErrors();
        $this->send("/pins/{$thread->id}/fit", $this->here() + ['mask' => $mask->id, 'fitted' => '20'])
            ->assertSessionHasErrors(
                'fitted',
            );
        $this->send("/pins/{$thread->id}/fit", $this->here() + ['mask' => 999, 'fitted' => '0'])
            ->assertSessionHasErrors([
                'mask',
                'fitted',
            ]);
        $fitting = MaskApplication::query()->firstOrFail();
        $this->send("/pins/{$thread->id}/withdraw")->assertSessionHasErrors('pin');
        $this->send("/mask-applications/{$fitting->id}/off", ['removed' => '21'])->assertSessionHasErrors('removed');
        $this->send("/mask-applications/{$fitting->id}/off", ['removed' => '19'])->assertSessionHasNoErrors();
        self::assertStringContainsString('1 still on', (string) session('said'));
        $this->send("/mask-applications/{$fitting->id}/withdraw")->assertSessionHasNoErrors();
        $this->send("/pins/{$thread->id}/fit", $this->here() + ['fitted' => '20'])
            ->assertSessionHasNoErrors();
    }

    public function test_tape_that_cannot_stand_the_bake_is_not_offered(): void
    {
        $this->pin('seat', 40);
        $this->actingAs($this->finisher)
            ->get('/station/mask-and-hang')
            ->assertSee('nothing to put on it')
            ->assertSee('does not stand 200');
        $this->send('/masks', [
            'name' => 'amber 25',
            'kind' => 'tape',
            'material' => 'polyimide',
            'from' => '1 in',
            'held' => '33',
        ])->assertSessionHasNoErrors();
        self::assertSame(260.0, Mask::query()->where('name', 'amber 25')->firstOrFail()->rated_c);
        $this->get('/station/mask-and-hang')
            ->assertSee('amber 25')
            ->assertSee('burnish the edges')
            ->assertSee('m of tape');
        $this->send('/masks', [
            'name' => 'x',
            'kind' => 'plug',
            'material' => 'silicone',
            'from' => '12',
            'to' => '10',
            'held' => '5',
        ])->assertSessionHasErrors('to');
        $this->send('/masks', [
            'name' => '',
            'kind' => 'sock',
            'material' => 'wool',
            'from' => '',
            'held' => '-1',
        ])->assertSessionHasErrors(['name', 'kind', 'material', 'from', 'held']);
        $this->send('/masks/'.Mask::query()->where('name', 'amber 25')->firstOrFail()->id.'/retire');
        $this->get('/station/mask-and-hang')->assertSee('nothing to put on it');
    }

    public function test_a_mask_still_on_or_a_face_nobody_signed_keeps_the_job_here(): void
    {
        $thread = $this->pin('thread', 12);
        $face = $this->pin('face', 60, 1, true);
        $this->send("/pins/{$thread->id}/fit", $this->here() + ['fitted' => '10']);
        $job = $this->part->job;
        $this->part->coats()->delete();
        $this->excuse($this->batch($job), Station::Release);
        $this->hangAt($job, Station::Release);
        $this->send("/batches/{$this->batch($job)->id}/release", ['note' => 'go'])->assertSessionHasErrors('release');
        $why = session('errors')->first('release');
        self::assertStringContainsString('10 masks on, none counted off', $why);
        self::assertStringContainsString('must be bare metal', $why);
        $this->actingAs($this->finisher)
            ->get('/station/release')
            ->assertSee('Count off')
            ->assertSee('Who looked');
        $this->send('/mask-applications/'.MaskApplication::query()->firstOrFail()->id.'/off', ['removed' => '10']);
        $looks = "/batches/{$this->batch($job)->id}/inspection-checks";
        $bare = ['what' => 'bare', 'pin' => (string) $face->id];
        $this->send($looks, $bare + ['name' => ''])->assertSessionHasErrors('name');
        $this->send("/batches/{$this->batch($job)->id}/release", ['note' => 'go'])->assertSessionHasErrors('release');
        $this->send($looks, $bare + ['name' => 'J. Tellmark'])->assertSessionHasNoErrors();
        $this->send("/batches/{$this->batch($job)->id}/release", ['note' => 'go'])->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}/record")
            ->assertOk()
            ->assertSee('10 on, 10 off again')
            ->assertSee('J. Tellmark');
    }

    public function test_the_rack_sets_what_the_oven_sees(): void
    {
        $this->actingAs($this->finisher)
            ->get('/station/mask-and-hang')
            ->assertOk()
            ->assertSee('as it would usually hang')
            ->assertSee('class="rack"', false);
        $rack = [
            'across' => '5',
            'rows' => '2',
            'hooks' => '1',
            'pitch' => '160',
            'drop' => '15 in',
            'along' => '110',
            'up' => '320',
            'deep' => '110',
            'drain' => 'spigot down',
            'jigged' => '1',
        ];
        $this->send("/batches/{$this->batch($this->part)->id}/hang", $rack)->assertSessionHasNoErrors();
        $near = $this->part->refresh()->view_factor;
        $this->send(
            "/batches/{$this->batch($this->part)->id}/hang",
            ['pitch' => '400'] + $rack,
        )->assertSessionHasNoErrors();
        self::assertGreaterThan($near, $this->part->refresh()->view_factor);
        self::assertEqualsWithDelta(381, $this->part->rack?->drop_mm, 1e-9);
        $this->get('/station/mask-and-hang')->assertSee('spigot down')->assertSee('Jigged, so that it cannot fall');
        $this->send("/batches/{$this->batch($this->part)->id}/hang", ['pitch' => '120'] + $rack);
        $this->get('/station/mask-and-hang')->assertSee('Only 10 mm between neighbours');
        $this->send(
            "/batches/{$this->batch($this->part)->id}/hang",
            ['across' => '0', 'pitch' => 'far'] + $rack,
        )->assertSessionHasErrors(['across', 'pitch']);
    }

    public function test_nothing_is_sprayed_over_a_megohm(): void
    {
        $job = $this->part->job;
        $this->excuse($this->batch($job), Station::Coat);
        $on = fn () => $this->send("/batches/{$this->batch($job)->id}/send", [
            'to' => Station::Coat->value,
            'seen_at' => Station::MaskAndHang->value,
        ]);
        $this->send("/batches/{$this->batch($this->part)->id}/ground", [
            'ohm' => '3.2',
            'unit' => '1000000',
        ])->assertSessionHasNoErrors();
        $on()->assertSessionHasErrors('ground-bad');
        $this->actingAs($this->finisher)
            ->get("/parts/{$this->part->id}/route")
            ->assertSee('3.2');
        $this->send("/batches/{$this->batch($this->part)->id}/ground", ['ohm' => 'little', 'unit' => '1'])
            ->assertSessionHasErrors(
                'ohm',
            );
        $this->send("/batches/{$this->batch($this->part)->id}/ground", [
            'ohm' => '40',
            'unit' => '1000',
        ])->assertSessionHasNoErrors();
        $on()->assertSessionHasNoErrors();
    }

    public function test_masks_for_the_blast_are_off_for_the_bake_out_and_on_again_each_time_counted(): void
    {
        Shop::current()->keepHouseWays(['masking' => 'off_for_bake_out', 'bake_out' => 'after_blast']);
        Once::flush();
        $this->part->update(['made' => 'cast']);
        $thread = $this->pin('thread', 12, 2);
        $batch = $this->batch($this->part);
        $state = function () use ($batch): array {
            $lines = RoutingProgress::of(Batch::query()->findOrFail($batch->id))->lines();
            $masks = array_filter($lines, fn ($line): bool => in_array(
                $line->step->kind,
                [StepKind::PlugMask, StepKind::MasksOff, StepKind::Unmask],
                true,
            ));

            return array_column(array_map(fn ($line): array => [$line->key, $line->outcome?->value], $masks), 1, 0);
        };
        $open = ['plug_mask-0-1' => null, 'masks_off-0-1' => null, 'plug_mask-0-2' => null, 'unmask-0-1' => null];
        StepCompletion::query()->where('batch_id', $batch->id)->delete();
        self::assertSame($open, $state());
        $fit = fn () => $this->send("/pins/{$thread->id}/fit", $this->here() + ['fitted' => '20'])
            ->assertSessionHasNoErrors();
        $off = fn (int $fitting) => $this->send("/mask-applications/{$fitting}/off", ['removed' => '20'])
            ->assertSessionHasNoErrors();
        $fit();
        self::assertSame(['plug_mask-0-1' => 'done'] + $open, $state());
        // Another pin of the same lot does not tick what goes on after the bake-out.
        $face = $this->pin('face', 30, 1);
        $this->send("/pins/{$face->id}/fit", $this->here() + ['fitted' => '10'])->assertSessionHasNoErrors();
        self::assertNull($state()['plug_mask-0-2']);
        foreach (MaskApplication::query()->orderBy('id')->get() as $fitting) {
            $this->send("/mask-applications/{$fitting->id}/off", ['removed' => (string) $fitting->fitted]);
        }
        self::assertSame(['plug_mask-0-1' => 'done', 'masks_off-0-1' => 'done'] + $open, $state());
        $fit();
        self::assertSame('done', $state()['plug_mask-0-2']);
        self::assertNull($state()['unmask-0-1']);
        $off((int) MaskApplication::query()->max('id'));
        self::assertSame('done', $state()['unmask-0-1']);
    }

    public function test_a_house_way_that_turns_leaves_the_route_of_what_left_intake(): void
    {
        $kinds = fn (): array => array_map(
            fn ($step): string => $step->kind->value,
            PartRoute::of(Part::query()->findOrFail($this->part->id))->steps,
        );
        $turn = function (string $way): void {
            Shop::current()->keepHouseWays(['last_clean' => $way]);
            Once::flush();
        };
        $turn('solvent');
        self::assertContains('solvent_wipe', $kinds());
        $turn('detergent');
        self::assertNotContains('solvent_wipe', $kinds());
        PartPolicies::settle($this->part);
        $turn('solvent');
        self::assertNotContains('solvent_wipe', $kinds());
        $this->send("/parts/{$this->part->id}/ways", ['ways' => ['last_clean' => 'never']])
            ->assertSessionHasErrors('ways.last_clean');
        $this->send("/parts/{$this->part->id}/ways", ['ways' => ['last_clean' => '']])->assertSessionHasNoErrors();
        self::assertContains('solvent_wipe', $kinds());
        $this->actingAs($this->finisher)->get("/parts/{$this->part->id}/route")->assertSee('Its own ways');
    }

    public function test_hooks_count_their_bakes_until_they_are_cleaned(): void
    {
        $part = $this->part($this->job(Station::MaskAndHang), 'bench end');
        self::assertSame(0, HookUse::of($part)->bakes);
        $this->bakeFor($this->hang($this->part($this->job(), 'arm', 30)), 20);
        $this->bakeFor($this->hang($this->part($this->job(), 'leaf', 0.5, 0.1)), 20);
        self::assertSame(1, HookUse::of($part)->bakes, 'of that size only');
        $page = $this->actingAs($this->finisher)->get("/station/mask-and-hang?part={$part->id}");
        $page->assertSee('one bake since such were cleaned');
        $this->send('/hooks', ['size' => 'string'])->assertSessionHasErrors('size');
        $this->later(1);
        $this->send('/hooks', ['size' => 'heavy'])->assertSessionHasNoErrors();
        self::assertSame(0, HookUse::of($part)->bakes);
    }

    public function test_no_more_masks_go_on_than_the_shelf_holds_and_none_at_a_pin_that_was_withdrawn(): void
    {
        [$one, $other] = [$this->pin('thread', 12, 2), $this->pin('thread', 12, 2)];
        $mask = Mask::query()->where('kind', 'plug')->firstOrFail();
        $fit = fn (Pin $pin, int $many) => $this->send("/pins/{$pin->id}/fit", $this->here() + [
            'mask' => $mask->id, 'fitted' => (string) $many,
        ]);
        $fit($one, 41)->assertSessionHasErrors('fitted');
        $fit($one, 30)->assertSessionHasNoErrors();
        $fit($other, 11)->assertSessionHasErrors('fitted');
        self::assertStringContainsString('up to 10', session('errors')->first('fitted'));
        $fit($other, 10)->assertSessionHasNoErrors();
        $on = MaskApplication::query()->where('pin_id', $other->id)->firstOrFail();
        $this->actingAs($this->finisher)->get('/station/mask-and-hang')
            ->assertSee('Pin 2: all 10 are off')->assertSee("/mask-applications/{$on->id}/off", false);
        $this->send("/mask-applications/{$on->id}/off", ['removed' => '10'])->assertSessionHasNoErrors();
        $this->send("/pins/{$other->id}/withdraw")->assertSessionHasNoErrors();
        $fit($other, 5)->assertSessionHasErrors('fitted');
        self::assertStringContainsString('was withdrawn', session('errors')->first('fitted'));
        // Tape is kept by its length, and counts of pieces say nothing of it.
        $tape = Mask::query()->where('kind', 'tape')->firstOrFail();
        $this->send("/pins/{$this->pin('seat', 40)->id}/fit", $this->here() + ['mask' => $tape->id, 'fitted' => '60'])
            ->assertSessionHasNoErrors();
    }

    public function test_a_mask_at_a_pin_that_was_withdrawn_in_an_earlier_release_can_still_come_off(): void
    {
        $pin = $this->pin('thread', 12, 2);
        $this->send("/pins/{$pin->id}/fit", $this->here() + ['fitted' => '20'])->assertSessionHasNoErrors();
        $pin->update(['withdrawn_at' => $this->now, 'withdrawn_by' => $this->owner->id]);
        $this->hangAt($this->part, Station::Release);
        $batch = $this->batch($this->part)->refresh();
        self::assertCount(1, PartMasks::open($batch));
        $fitting = MaskApplication::query()->firstOrFail();
        $this->actingAs($this->finisher)->get("/station/release?lot={$batch->id}")->assertOk()
            ->assertSee("/mask-applications/{$fitting->id}/off", false);
        $this->send("/mask-applications/{$fitting->id}/off", ['removed' => '20'])->assertSessionHasNoErrors();
        self::assertSame([], PartMasks::open($batch));
    }
}
