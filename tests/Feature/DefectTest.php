<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Curing\Queries\BakeModelFactory;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\Rework;
use App\Inspection\Queries\DefectEvidence;
use App\Inspection\ViewModels\DefectViewModel;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\BatchCoats;
use App\Routing\Queries\BatchCoatStatus;
use App\Routing\Queries\RoutingProgress;

/** Faults on some pieces of a batch: pinned, explained, reworked on just those; and every way that goes wrong. */
final class DefectTest extends ShopTestCase
{
    /** Eight pieces at Inspect, baked once, film and rub done, thin in a recess on two. */
    private function faulty(int $pieces = 2, string $kind = 'thin_recess', int $count = 8): Defect
    {
        $part = $this->part($this->job(), 'lantern hood', 2.1, 0.24, $count, 'cast_aluminium');
        (new PlacePin())($part, [
            'kind' => PinKind::Recess, 'picture_id' => null, 'x' => 0.4, 'y' => 0.3, 'size_mm' => 26, 'depth_mm' => 48,
            'places' => 1, 'note' => null, 'must_stay_bare' => false,
        ], $this->finisher);
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 0.5);
        $this->cooled();
        $this->hangAt($part, Station::Inspect);
        $batch = $this->batch($part);
        $coat = $this->coat($part);
        $this->send("/coats/{$coat->id}/film", [
            'lot' => $batch->id, 'readings' => '72 75 70', 'spot' => ['pin-1' => '41 44 38', 'inside' => '66 64 68'],
        ])->assertSessionHasNoErrors();
        $rub = ['lot' => $batch->id, 'rubs' => 50, 'rating' => 5, 'solvent' => 'MEK'];
        $this->send("/coats/{$coat->id}/solvent-rub", $rub)->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/defects", [
            'kind' => $kind, 'pieces' => (string) $pieces, 'pin' => $part->pins()->value('id'), 'to_metal' => 'no',
        ])->assertSessionHasNoErrors();

        return Defect::query()->latest('id')->firstOrFail();
    }

    private function decide(Defect $defect, string $way, array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->send("/defects/{$defect->id}/disposition", ['way' => $way] + $with);
    }

    /** @return list<string> */
    private static function steps(Batch $batch): array
    {
        $walk = RoutingProgress::of(Batch::query()->findOrFail($batch->id))->walk;

        return array_map(fn ($key): string => $key->text(), $walk->keys);
    }

    public function test_two_of_eight_are_sanded_coated_again_and_released_and_the_six_go_their_own_way(): void
    {
        $defect = $this->faulty();
        $this->actingAs($this->viewer)->get("/defects/{$defect->id}")->assertOk()
            ->assertSee('Thin in a recess on 2 of 8')->assertSee('Sand and recoat')->assertSee('bits');
        $this->decide($defect, 'recoat')->assertSessionHasNoErrors();
        $two = $defect->refresh()->batch;
        $six = $this->batch($two->part);
        self::assertSame([2, 6], [$two->count, $six->count]);
        self::assertSame([$two->id], Rework::query()->pluck('batch_id')->all());
        // Only theirs: a coat, a bake, on their route alone.
        self::assertContains('coat-2-1', self::steps($two));
        self::assertNotContains('coat-2-1', self::steps($six));
        self::assertSame([2, 1], [BatchCoats::of($two)->on()->count(), BatchCoats::of($six)->on()->count()]);
        self::assertSame(1, $two->part->coats()->count(), 'what was planned for all stays as it was');
        self::assertSame(Station::Coat, RoutingProgress::of($two)->nextStation());
        // Nothing of it may leave meanwhile.
        $this->send("/batches/{$two->id}/send", ['seen_at' => 'inspect', 'to' => 'release'])->assertRedirect();
        self::assertSame(Station::Inspect, $two->refresh()->station);
        $this->send("/batches/{$two->id}/go", ['seen_at' => 'inspect', 'to' => 'coat', 'then' => 'on'])
            ->assertSessionHasNoErrors();
        // Sanded, sprayed, baked: the layer below is in its ledger.
        $new = Coat::query()->where('rework_id', Rework::query()->value('id'))->firstOrFail();
        (new CompleteStep())->byHand($two->refresh(), $this->finisher, 'abrade-2-1');
        // Not before its wipe: uncured powder would have to go to the pretreat line for it.
        $powder = ['coat' => $new->id, 'pieces' => '2', 'powder_lot' => ''];
        $this->send("/batches/{$two->id}/coated", $powder)->assertSessionHasErrors('coat');
        $wipe = RoutingProgress::of($two->refresh())->some(
            RoutingProgress::of($two)->walk->beforePowder($new->position),
        );
        self::assertSame([StepKind::SolventWipe], array_map(fn ($line) => $line->step->kind, $wipe));
        (new CompleteStep())->byHand($two->refresh(), $this->finisher, $wipe[0]->key);
        $this->send("/batches/{$two->id}/coated", $powder)->assertSessionHasNoErrors();
        self::assertSame(Station::Cure, RoutingProgress::of($two->refresh())->nextStation());
        $this->excuse($two->refresh(), Station::Cure);
        $two->update(['station' => Station::Cure]);
        $load = $this->hangLot($two);
        $layers = BakeModelFactory::from($load)->hung[0]->layers;
        self::assertCount(2, $layers);
        self::assertGreaterThan(1.0, $layers[0]->dose);
        $this->bakeFor($load, $load->minutes + 0.5);
        $this->cooled();
        self::assertTrue(BatchCoatStatus::standing($new, $two->refresh())->isDone());
        $this->send("/batches/{$two->id}/send", ['seen_at' => 'cure', 'to' => 'inspect'])->assertSessionHasNoErrors();
        // Measured through both: the band is that of both together.
        $this->send("/coats/{$this->coat($two->part)->id}/film", ['lot' => $two->id, 'readings' => '130 132 128'])
            ->assertSessionHasErrors('readings');
        $this->send("/coats/{$new->id}/film", ['lot' => $two->id, 'readings' => '140 138 142'])
            ->assertSessionHasNoErrors();
        $film = Inspection::query()->latest('id')->firstOrFail();
        self::assertSame(['pass', 120.0, 180.0], [$film->verdict, $film->band_from_um, $film->band_to_um]);
        $rub = ['lot' => $two->id, 'rubs' => 50, 'rating' => 5, 'solvent' => 'MEK'];
        $this->send("/coats/{$new->id}/solvent-rub", $rub);
        self::assertNotSame(
            [],
            InspectionChecklist::of(RoutingProgress::of($two->refresh()))->left(),
            'looked at anew',
        );
        $this->send("/defects/{$defect->id}/close", ['cause' => 'recess_late'])->assertSessionHasNoErrors();
        $this->look($two->refresh());
        self::assertSame([], InspectionChecklist::of(RoutingProgress::of($two->refresh()))->left());
        self::assertSame(DefectCause::RecessLate, $defect->refresh()->cause);
        self::assertSame(['recess_late' => 1], DefectViewModel::confirmed(DefectKind::ThinRecess));
        $this->excuse($two->refresh(), Station::Release);
        $this->send(
            "/batches/{$two->id}/send",
            ['seen_at' => 'inspect', 'to' => 'release'],
        )->assertSessionHasNoErrors();
        $this->send("/batches/{$two->id}/release", ['note' => 'the two reworked ones'])->assertSessionHasNoErrors();
        self::assertSame(['released', 'open'], [$two->refresh()->status, $six->refresh()->status]);
        $record = (string) $this->get("/jobs/{$two->part->job_id}/record")->assertOk()->getContent();
        self::assertStringContainsString('sanded and coated again', $record);
        self::assertStringContainsString('laid to mend', $record);
        // The six still have a film outside its band that nobody has answered for.
        self::assertTrue(InspectionChecklist::of(RoutingProgress::of($six->refresh()))->filmUnanswered());
    }

    private function hangLot(Batch $batch): \App\Curing\Models\OvenLoad
    {
        $this->send('/bakes', [
            'oven_id' => $this->oven->id, 'items' => [$batch->id => ['hang' => '1', 'count' => (string) $batch->count]],
        ])->assertSessionHasNoErrors();

        return \App\Curing\Models\OvenLoad::query()->latest('id')->firstOrFail();
    }

    public function test_stripped_everything_is_done_anew_and_what_was_is_history(): void
    {
        $defect = $this->faulty(8, 'fisheye');
        Defect::query()->whereKey($defect->id)->update(['to_metal' => null]);
        $ways = collect(DefectViewModel::of($defect->refresh())->ways)->keyBy(fn ($one): string => $one->way->value);
        self::assertStringContainsString('break one open', (string) $ways['recoat']->not);
        $this->decide($defect, 'recoat')->assertSessionHasErrors('way');
        $this->decide($defect, 'strip')->assertSessionHasNoErrors();
        $batch = $defect->refresh()->batch;
        self::assertSame(8, $batch->count, 'all of them: nothing is split');
        $coats = BatchCoats::of($batch);
        self::assertSame([1, 1, 2], [$coats->taken(), $coats->on()->count(), $coats->every->count()]);
        $walk = RoutingProgress::of($batch);
        self::assertSame(Station::Strip, $walk->nextStation());
        // The coat that came off is behind it; the new one is bare metal's first.
        self::assertFalse($walk->walk->isOpen((int) $walk->walk->position('coat-1-1')));
        self::assertTrue($walk->walk->isOpen((int) $walk->walk->position('coat-2-1')));
        self::assertSame(2, $walk->coatDue()?->position);
        self::assertCount(1, $walk->route->facts->coats);
        self::assertSame(0, $walk->coats->place($walk->coatDue()));
        $blasts = $walk->route->plan()->first(StepKind::Blast, StepKind::SweepBlast);
        self::assertNotNull($blasts, 'the rules look at what is ahead');
        foreach (['strip', 'blast', 'coat', 'cure', 'inspect'] as $bench) {
            $this->actingAs($this->finisher)->get("/station/{$bench}?lot={$batch->id}")->assertOk();
        }
        $this->get("/jobs/{$batch->part->job_id}")->assertOk();
        $this->get("/jobs/{$batch->part->job_id}/record")->assertOk()->assertSee('stripped off again');
    }

    public function test_a_name_accepts_what_may_be_accepted_and_the_record_says_whose(): void
    {
        $defect = $this->faulty();
        $this->decide($defect, 'accept')->assertSessionHasErrors('agreed_by');
        $this->decide($defect, 'accept', ['agreed_by' => 'B. Kallwit'])->assertSessionHasNoErrors();
        self::assertSame(8, $defect->refresh()->batch->count, 'accepted they stay together');
        self::assertFalse($defect->isOpen());
        self::assertFalse(InspectionChecklist::of(RoutingProgress::of($defect->batch))->filmUnanswered());
        $safety = $this->faulty(1, 'powder_in_seat');
        $this->decide($safety, 'accept', ['agreed_by' => 'B. Kallwit'])->assertSessionHasErrors('way');
        self::assertStringContainsString('made right', session('errors')->first('way'));
        $agreed = $this->faulty(1, 'agreed_pits');
        self::assertFalse($agreed->isOpen(), 'what was agreed on is no fault');
    }

    public function test_crazing_opens_the_bake_and_those_of_the_same_powder_are_found(): void
    {
        $defect = $this->faulty(8, 'crazing');
        $batch = $defect->batch;
        self::assertTrue(
            BatchCoatStatus::standing($this->coat($batch->part), $batch)->isDone(),
            'the rub had passed it',
        );
        $this->later(60);
        $this->decide($defect, 'rebake')->assertSessionHasNoErrors();
        $standing = BatchCoatStatus::standing($this->coat($batch->part)->refresh(), $batch->refresh());
        self::assertFalse($standing->measured);
        self::assertTrue($standing->goesBackIn());
        self::assertSame(Station::Cure, RoutingProgress::of($batch)->nextStation());
        $this->send("/defects/{$defect->id}/close", ['cause' => 'under_cured'])->assertSessionHasErrors('cause');
        $soft = $this->faulty(1, 'seeds');
        $this->decide($soft, 'rebake')->assertSessionHasErrors('way');
    }

    public function test_what_was_decided_is_taken_back_while_nothing_of_it_is_done(): void
    {
        $defect = $this->faulty();
        $this->decide($defect, 'recoat')->assertSessionHasNoErrors();
        $this->decide($defect, 'strip')->assertSessionHasErrors('way');
        $this->send("/defects/{$defect->id}/withdraw")->assertSessionHasErrors('way');
        $rework = Rework::query()->firstOrFail();
        $two = $rework->batch;
        $this->send("/reworks/{$rework->id}/withdraw")->assertSessionHasNoErrors();
        self::assertSame(1, BatchCoats::of($two->refresh())->on()->count());
        self::assertNotContains('coat-2-1', self::steps($two));
        $this->decide($defect->refresh(), 'recoat')->assertSessionHasNoErrors();
        (new CompleteStep())->byHand($two->refresh(), $this->finisher, 'abrade-2-1');
        $again = Rework::query()->latest('id')->firstOrFail();
        $this->later(1);
        (new CompleteStep())->byHand($two->refresh(), $this->finisher, 'solvent_wipe-0-'.self::turn($two));
        $this->send("/reworks/{$again->id}/withdraw")->assertSessionHasErrors('way');
    }

    private static function turn(Batch $batch): int
    {
        $keys = array_filter(self::steps($batch), fn (string $key): bool => str_starts_with($key, 'solvent_wipe-0'));

        return count($keys);
    }

    public function test_pieces_mended_in_different_ways_are_not_joined(): void
    {
        $defect = $this->faulty();
        $this->decide($defect, 'recoat');
        $two = $defect->refresh()->batch;
        $six = $this->batch($two->part);
        $this->send("/batches/{$two->id}/join", ['into' => (string) $six->id])->assertSessionHasErrors('into');
        self::assertStringContainsString('different coats', session('errors')->first('into'));
        // Of the two one more is split off: it carries the same coats.
        $this->send("/batches/{$two->id}/split", ['pieces' => '1'])->assertSessionHasNoErrors();
        $one = Batch::query()->latest('id')->firstOrFail();
        self::assertSame([2, 2], [BatchCoats::of($one)->on()->count(), BatchCoats::of($two->refresh())->on()->count()]);
        $this->send("/batches/{$one->id}/join", ['into' => (string) $two->id])->assertSessionHasNoErrors();
        self::assertSame(2, $two->refresh()->count);
    }

    public function test_parted_by_hand_it_is_asked_which_pieces_it_lies_on(): void
    {
        $defect = $this->faulty();
        $part = $defect->part;
        $eight = $this->batch($part);
        $this->actingAs($this->finisher)->get("/defects/{$defect->id}")->assertOk()->assertDontSee('parted since');
        $this->later(5);
        $this->send("/batches/{$eight->id}/split", ['pieces' => '2'])->assertSessionHasNoErrors();
        $two = Batch::query()->latest('id')->firstOrFail();
        $this->later(5);
        $this->send("/batches/{$eight->id}/split", ['pieces' => '1'])->assertSessionHasNoErrors();
        $one = Batch::query()->latest('id')->firstOrFail();
        $walk = fn (Batch $batch): RoutingProgress => RoutingProgress::of(Batch::query()->findOrFail($batch->id));
        $open = fn (Batch $batch): int => InspectionChecklist::of($walk($batch))->open()->count();
        self::assertSame([1, 1, 1], [$open($eight), $open($two), $open($one)], 'nobody has said which');
        $this->get("/defects/{$defect->id}")->assertOk()->assertSee('The pieces were parted since');
        $this->send("/defects/{$defect->id}/batch", ['lot' => $one->id])->assertSessionHasErrors('lot');
        $this->send("/defects/{$defect->id}/batch", ['lot' => '999999'])->assertSessionHasErrors('lot');
        $this->send("/defects/{$defect->id}/batch", ['lot' => $two->id], $this->viewer)->assertForbidden();
        $this->send("/defects/{$defect->id}/batch", ['lot' => $two->id])->assertSessionHasNoErrors();
        self::assertSame([0, 1, 0], [$open($eight), $open($two), $open($one)]);
        $this->decide($defect->refresh(), 'recoat')->assertSessionHasNoErrors();
        self::assertSame($two->id, Rework::query()->value('batch_id'), 'parted already: nothing is split again');
        $this->send("/defects/{$defect->id}/batch", ['lot' => $eight->id])->assertSessionHasErrors('lot');
    }

    public function test_nonsense_is_refused_by_name_and_a_gone_lot_cannot_be_mended(): void
    {
        $defect = $this->faulty();
        $batch = $defect->batch;
        $seeds = ['kind' => 'seeds', 'pieces' => '1'];
        $post = fn (array $with) => $this->send("/batches/{$batch->id}/defects", $with + $seeds);
        $post(['kind' => 'ugly'])->assertSessionHasErrors('kind');
        $post(['pieces' => '9'])->assertSessionHasErrors('pieces');
        $post(['pieces' => '0'])->assertSessionHasErrors('pieces');
        $post(['across' => '101'])->assertSessionHasErrors('across');
        $post(['size' => '-1'])->assertSessionHasErrors('size');
        $post(['to_metal' => 'perhaps'])->assertSessionHasErrors('to_metal');
        $post(['pin' => '999'])->assertSessionHasErrors('pin');
        $this->decide($defect, 'polish')->assertSessionHasErrors('way');
        $this->send("/defects/{$defect->id}/close", ['cause' => 'moon'])->assertSessionHasErrors('cause');
        $batch->update(['status' => 'released']);
        $this->decide($defect, 'strip')->assertSessionHasErrors('lot');
        $post(['kind' => 'crazing'])->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)->get('/defects/'.Defect::query()->max('id'))->assertOk()
            ->assertSee('It has left the shop');
    }

    public function test_the_record_s_evidence_is_what_was_logged(): void
    {
        $defect = $this->faulty(8, 'pinhole');
        $shown = DefectEvidence::of($defect);
        self::assertTrue($shown['metal_gasses']);
        self::assertFalse($shown['baked_out'], 'the route asked for it, and it was excused');
        self::assertEqualsWithDelta((72 + 75 + 70 + 41 + 44 + 38 + 66 + 64 + 68) / 9 / 75, $shown['film_share'], 1e-6);
        self::assertArrayNotHasKey('humidity_pct', $shown, 'nobody knew');
        self::assertArrayNotHasKey('clip_moved', $shown, 'it does not bear on a pinhole');
        $first = DefectViewModel::of($defect)->diagnosis->first();
        self::assertSame(DefectCause::MetalGas, $first->cause);
        $soft = $this->faulty(1, 'soft_film');
        self::assertSame(5.0, (float) DefectEvidence::of($soft)['rub_rating']);
        self::assertGreaterThan(1.0, DefectEvidence::of($soft)['dose']);
    }

    public function test_two_thin_plates_in_both_units_read_the_same(): void
    {
        $defect = $this->faulty();
        $this->finisher->update(['unit_system' => 'us']);
        $this->actingAs($this->finisher->refresh())->get("/defects/{$defect->id}")->assertOk()->assertSee('mil');
        $this->get("/station/inspect?lot={$defect->batch_id}")->assertOk()->assertSee('2.4 mil');
        $part = $defect->part;
        $this->send("/coats/{$this->coat($part)->id}/film", [
            'lot' => $defect->batch_id, 'readings' => '2.8 3.0', 'spot' => ['pin-1' => '71 µm'],
        ], $this->finisher->refresh())->assertSessionHasNoErrors();
        $film = Inspection::query()->latest('id')->firstOrFail()->film();
        self::assertEqualsWithDelta([71.12, 76.2, 71.0], $film?->microns, 0.01);
    }
}
