<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Inspect\FaultCause;
use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Cure\LoadOfBake;
use App\Actions\Inspect\FaultBoard;
use App\Actions\Inspect\LookedOver;
use App\Actions\Inspect\RecordOfFault;
use App\Actions\Log\LotCoats;
use App\Actions\Lot\CoatOfLot;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\TickStep;
use App\Actions\Pins\PlacePin;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Inspection;
use App\Models\Lot;
use App\Models\Rework;

/** Faults on some pieces of a lot: pinned, explained, mended on just those; and every way that goes wrong. */
final class FaultTest extends ShopTestCase
{
    /** Eight pieces at Inspect, baked once, film and rub done, thin in a recess on two. */
    private function faulty(int $pieces = 2, string $kind = 'thin_recess', int $count = 8): Fault
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
        $lot = $this->lot($part);
        $coat = $this->coat($part);
        $this->send("/coats/{$coat->id}/film", [
            'lot' => $lot->id, 'readings' => '72 75 70', 'spot' => ['pin-1' => '41 44 38', 'inside' => '66 64 68'],
        ])->assertSessionHasNoErrors();
        $rub = ['lot' => $lot->id, 'rubs' => 50, 'rating' => 5, 'solvent' => 'MEK'];
        $this->send("/coats/{$coat->id}/solvent-rub", $rub)->assertSessionHasNoErrors();
        $this->send("/lots/{$lot->id}/faults", [
            'kind' => $kind, 'pieces' => (string) $pieces, 'pin' => $part->pins()->value('id'), 'to_metal' => 'no',
        ])->assertSessionHasNoErrors();

        return Fault::query()->latest('id')->firstOrFail();
    }

    private function mend(Fault $fault, string $way, array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->send("/faults/{$fault->id}/mend", ['way' => $way] + $with);
    }

    /** @return list<string> */
    private static function steps(Lot $lot): array
    {
        $walk = LotWalk::of(Lot::query()->findOrFail($lot->id))->walk;

        return array_map(fn ($key): string => $key->text(), $walk->keys);
    }

    public function test_two_of_eight_are_sanded_coated_again_and_released_and_the_six_go_their_own_way(): void
    {
        $fault = $this->faulty();
        $this->actingAs($this->viewer)->get("/faults/{$fault->id}")->assertOk()
            ->assertSee('Thin in a recess on 2 of 8')->assertSee('Sand and recoat')->assertSee('bits');
        $this->mend($fault, 'recoat')->assertSessionHasNoErrors();
        $two = $fault->refresh()->lot;
        $six = $this->lot($two->part);
        self::assertSame([2, 6], [$two->count, $six->count]);
        self::assertSame([$two->id], Rework::query()->pluck('lot_id')->all());
        // Only theirs: a coat, a bake, on their route alone.
        self::assertContains('coat-2-1', self::steps($two));
        self::assertNotContains('coat-2-1', self::steps($six));
        self::assertSame([2, 1], [LotCoats::of($two)->on()->count(), LotCoats::of($six)->on()->count()]);
        self::assertSame(1, $two->part->coats()->count(), 'what was planned for all stays as it was');
        self::assertSame(Station::Coat, LotWalk::of($two)->nextStation());
        // Nothing of it may leave meanwhile.
        $this->send("/lots/{$two->id}/send", ['seen_at' => 'inspect', 'to' => 'release'])->assertRedirect();
        self::assertSame(Station::Inspect, $two->refresh()->station);
        $this->send("/lots/{$two->id}/go", ['seen_at' => 'inspect', 'to' => 'coat', 'then' => 'on'])
            ->assertSessionHasNoErrors();
        // Sanded, sprayed, baked: the layer below is in its ledger.
        $new = Coat::query()->where('rework_id', Rework::query()->value('id'))->firstOrFail();
        (new TickStep())->byHand($two->refresh(), $this->finisher, 'abrade-2-1');
        // Not before its wipe: uncured powder would have to go to the pretreat line for it.
        $powder = ['coat' => $new->id, 'pieces' => '2', 'powder_lot' => ''];
        $this->send("/lots/{$two->id}/coated", $powder)->assertSessionHasErrors('coat');
        $wipe = LotWalk::of($two->refresh())->some(LotWalk::of($two)->walk->beforePowder($new->position));
        self::assertSame([StepKind::SolventWipe], array_map(fn ($line) => $line->step->kind, $wipe));
        (new TickStep())->byHand($two->refresh(), $this->finisher, $wipe[0]->key);
        $this->send("/lots/{$two->id}/coated", $powder)->assertSessionHasNoErrors();
        self::assertSame(Station::Cure, LotWalk::of($two->refresh())->nextStation());
        $this->excuse($two->refresh(), Station::Cure);
        $two->update(['station' => Station::Cure]);
        $load = $this->hangLot($two);
        $layers = LoadOfBake::from($load)->hung[0]->layers;
        self::assertCount(2, $layers);
        self::assertGreaterThan(1.0, $layers[0]->dose);
        $this->bakeFor($load, $load->minutes + 0.5);
        $this->cooled();
        self::assertTrue(CoatOfLot::standing($new, $two->refresh())->isDone());
        $this->send("/lots/{$two->id}/send", ['seen_at' => 'cure', 'to' => 'inspect'])->assertSessionHasNoErrors();
        // Measured through both: the band is that of both together.
        $this->send("/coats/{$this->coat($two->part)->id}/film", ['lot' => $two->id, 'readings' => '130 132 128'])
            ->assertSessionHasErrors('readings');
        $this->send("/coats/{$new->id}/film", ['lot' => $two->id, 'readings' => '140 138 142'])
            ->assertSessionHasNoErrors();
        $film = Inspection::query()->latest('id')->firstOrFail();
        self::assertSame(['pass', 120.0, 180.0], [$film->verdict, $film->band_from_um, $film->band_to_um]);
        $rub = ['lot' => $two->id, 'rubs' => 50, 'rating' => 5, 'solvent' => 'MEK'];
        $this->send("/coats/{$new->id}/solvent-rub", $rub);
        self::assertNotSame([], LookedOver::of(LotWalk::of($two->refresh()))->left(), 'looked at anew');
        $this->send("/faults/{$fault->id}/close", ['cause' => 'recess_late'])->assertSessionHasNoErrors();
        $this->look($two->refresh());
        self::assertSame([], LookedOver::of(LotWalk::of($two->refresh()))->left());
        self::assertSame(FaultCause::RecessLate, $fault->refresh()->cause);
        self::assertSame(['recess_late' => 1], FaultBoard::confirmed(FaultKind::ThinRecess));
        $this->excuse($two->refresh(), Station::Release);
        $this->send("/lots/{$two->id}/send", ['seen_at' => 'inspect', 'to' => 'release'])->assertSessionHasNoErrors();
        $this->send("/lots/{$two->id}/release", ['note' => 'the two that were mended'])->assertSessionHasNoErrors();
        self::assertSame(['released', 'open'], [$two->refresh()->fate, $six->refresh()->fate]);
        $record = (string) $this->get("/jobs/{$two->part->job_id}/record")->assertOk()->getContent();
        self::assertStringContainsString('sanded and coated again', $record);
        self::assertStringContainsString('laid to mend', $record);
        // The six still have a film outside its band that nobody has answered for.
        self::assertTrue(LookedOver::of(LotWalk::of($six->refresh()))->filmUnanswered());
    }

    private function hangLot(Lot $lot): \App\Models\OvenLoad
    {
        $this->send('/bakes', [
            'oven_id' => $this->oven->id, 'items' => [$lot->id => ['hang' => '1', 'count' => (string) $lot->count]],
        ])->assertSessionHasNoErrors();

        return \App\Models\OvenLoad::query()->latest('id')->firstOrFail();
    }

    public function test_stripped_everything_is_done_anew_and_what_was_is_history(): void
    {
        $fault = $this->faulty(8, 'fisheye');
        Fault::query()->whereKey($fault->id)->update(['to_metal' => null]);
        $ways = collect(FaultBoard::of($fault->refresh())->ways)->keyBy(fn ($one): string => $one->way->value);
        self::assertStringContainsString('break one open', (string) $ways['recoat']->not);
        $this->mend($fault, 'recoat')->assertSessionHasErrors('way');
        $this->mend($fault, 'strip')->assertSessionHasNoErrors();
        $lot = $fault->refresh()->lot;
        self::assertSame(8, $lot->count, 'all of them: nothing is split');
        $coats = LotCoats::of($lot);
        self::assertSame([1, 1, 2], [$coats->taken(), $coats->on()->count(), $coats->every->count()]);
        $walk = LotWalk::of($lot);
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
            $this->actingAs($this->finisher)->get("/station/{$bench}?lot={$lot->id}")->assertOk();
        }
        $this->get("/jobs/{$lot->part->job_id}")->assertOk();
        $this->get("/jobs/{$lot->part->job_id}/record")->assertOk()->assertSee('stripped off again');
    }

    public function test_a_name_accepts_what_may_be_accepted_and_the_record_says_whose(): void
    {
        $fault = $this->faulty();
        $this->mend($fault, 'accept')->assertSessionHasErrors('agreed_by');
        $this->mend($fault, 'accept', ['agreed_by' => 'B. Kallwit'])->assertSessionHasNoErrors();
        self::assertSame(8, $fault->refresh()->lot->count, 'accepted they stay together');
        self::assertFalse($fault->isOpen());
        self::assertFalse(LookedOver::of(LotWalk::of($fault->lot))->filmUnanswered());
        $safety = $this->faulty(1, 'powder_in_seat');
        $this->mend($safety, 'accept', ['agreed_by' => 'B. Kallwit'])->assertSessionHasErrors('way');
        self::assertStringContainsString('made right', session('errors')->first('way'));
        $agreed = $this->faulty(1, 'agreed_pits');
        self::assertFalse($agreed->isOpen(), 'what was agreed on is no fault');
    }

    public function test_crazing_opens_the_bake_and_those_of_the_same_powder_are_found(): void
    {
        $fault = $this->faulty(8, 'crazing');
        $lot = $fault->lot;
        self::assertTrue(CoatOfLot::standing($this->coat($lot->part), $lot)->isDone(), 'the rub had passed it');
        $this->later(60);
        $this->mend($fault, 'rebake')->assertSessionHasNoErrors();
        $standing = CoatOfLot::standing($this->coat($lot->part)->refresh(), $lot->refresh());
        self::assertFalse($standing->measured);
        self::assertTrue($standing->goesBackIn());
        self::assertSame(Station::Cure, LotWalk::of($lot)->nextStation());
        $this->send("/faults/{$fault->id}/close", ['cause' => 'under_cured'])->assertSessionHasErrors('cause');
        $soft = $this->faulty(1, 'seeds');
        $this->mend($soft, 'rebake')->assertSessionHasErrors('way');
    }

    public function test_what_was_decided_is_taken_back_while_nothing_of_it_is_done(): void
    {
        $fault = $this->faulty();
        $this->mend($fault, 'recoat')->assertSessionHasNoErrors();
        $this->mend($fault, 'strip')->assertSessionHasErrors('way');
        $this->send("/faults/{$fault->id}/withdraw")->assertSessionHasErrors('way');
        $rework = Rework::query()->firstOrFail();
        $two = $rework->lot;
        $this->send("/reworks/{$rework->id}/withdraw")->assertSessionHasNoErrors();
        self::assertSame(1, LotCoats::of($two->refresh())->on()->count());
        self::assertNotContains('coat-2-1', self::steps($two));
        $this->mend($fault->refresh(), 'recoat')->assertSessionHasNoErrors();
        (new TickStep())->byHand($two->refresh(), $this->finisher, 'abrade-2-1');
        $again = Rework::query()->latest('id')->firstOrFail();
        $this->later(1);
        (new TickStep())->byHand($two->refresh(), $this->finisher, 'solvent_wipe-0-'.self::turn($two));
        $this->send("/reworks/{$again->id}/withdraw")->assertSessionHasErrors('way');
    }

    private static function turn(Lot $lot): int
    {
        $keys = array_filter(self::steps($lot), fn (string $key): bool => str_starts_with($key, 'solvent_wipe-0'));

        return count($keys);
    }

    public function test_pieces_mended_in_different_ways_are_not_joined(): void
    {
        $fault = $this->faulty();
        $this->mend($fault, 'recoat');
        $two = $fault->refresh()->lot;
        $six = $this->lot($two->part);
        $this->send("/lots/{$two->id}/join", ['into' => (string) $six->id])->assertSessionHasErrors('into');
        self::assertStringContainsString('different coats', session('errors')->first('into'));
        // Of the two one more is split off: it carries the same coats.
        $this->send("/lots/{$two->id}/split", ['pieces' => '1'])->assertSessionHasNoErrors();
        $one = Lot::query()->latest('id')->firstOrFail();
        self::assertSame([2, 2], [LotCoats::of($one)->on()->count(), LotCoats::of($two->refresh())->on()->count()]);
        $this->send("/lots/{$one->id}/join", ['into' => (string) $two->id])->assertSessionHasNoErrors();
        self::assertSame(2, $two->refresh()->count);
    }

    public function test_parted_by_hand_it_is_asked_which_pieces_it_lies_on(): void
    {
        $fault = $this->faulty();
        $part = $fault->part;
        $eight = $this->lot($part);
        $this->actingAs($this->finisher)->get("/faults/{$fault->id}")->assertOk()->assertDontSee('parted since');
        $this->later(5);
        $this->send("/lots/{$eight->id}/split", ['pieces' => '2'])->assertSessionHasNoErrors();
        $two = Lot::query()->latest('id')->firstOrFail();
        $this->later(5);
        $this->send("/lots/{$eight->id}/split", ['pieces' => '1'])->assertSessionHasNoErrors();
        $one = Lot::query()->latest('id')->firstOrFail();
        $walk = fn (Lot $lot): LotWalk => LotWalk::of(Lot::query()->findOrFail($lot->id));
        $open = fn (Lot $lot): int => LookedOver::of($walk($lot))->open()->count();
        self::assertSame([1, 1, 1], [$open($eight), $open($two), $open($one)], 'nobody has said which');
        $this->get("/faults/{$fault->id}")->assertOk()->assertSee('The pieces were parted since');
        $this->send("/faults/{$fault->id}/lies-on", ['lot' => $one->id])->assertSessionHasErrors('lot');
        $this->send("/faults/{$fault->id}/lies-on", ['lot' => '999999'])->assertSessionHasErrors('lot');
        $this->send("/faults/{$fault->id}/lies-on", ['lot' => $two->id], $this->viewer)->assertForbidden();
        $this->send("/faults/{$fault->id}/lies-on", ['lot' => $two->id])->assertSessionHasNoErrors();
        self::assertSame([0, 1, 0], [$open($eight), $open($two), $open($one)]);
        $this->mend($fault->refresh(), 'recoat')->assertSessionHasNoErrors();
        self::assertSame($two->id, Rework::query()->value('lot_id'), 'parted already: nothing is split again');
        $this->send("/faults/{$fault->id}/lies-on", ['lot' => $eight->id])->assertSessionHasErrors('lot');
    }

    public function test_nonsense_is_refused_by_name_and_a_gone_lot_cannot_be_mended(): void
    {
        $fault = $this->faulty();
        $lot = $fault->lot;
        $seeds = ['kind' => 'seeds', 'pieces' => '1'];
        $post = fn (array $with) => $this->send("/lots/{$lot->id}/faults", $with + $seeds);
        $post(['kind' => 'ugly'])->assertSessionHasErrors('kind');
        $post(['pieces' => '9'])->assertSessionHasErrors('pieces');
        $post(['pieces' => '0'])->assertSessionHasErrors('pieces');
        $post(['across' => '101'])->assertSessionHasErrors('across');
        $post(['size' => '-1'])->assertSessionHasErrors('size');
        $post(['to_metal' => 'perhaps'])->assertSessionHasErrors('to_metal');
        $post(['pin' => '999'])->assertSessionHasErrors('pin');
        $this->mend($fault, 'polish')->assertSessionHasErrors('way');
        $this->send("/faults/{$fault->id}/close", ['cause' => 'moon'])->assertSessionHasErrors('cause');
        $lot->update(['fate' => 'released']);
        $this->mend($fault, 'strip')->assertSessionHasErrors('lot');
        $post(['kind' => 'crazing'])->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)->get('/faults/'.Fault::query()->max('id'))->assertOk()
            ->assertSee('It has left the shop');
    }

    public function test_the_record_s_evidence_is_what_was_logged(): void
    {
        $fault = $this->faulty(8, 'pinhole');
        $shown = RecordOfFault::of($fault);
        self::assertTrue($shown['metal_gasses']);
        self::assertFalse($shown['baked_out'], 'the route asked for it, and it was excused');
        self::assertEqualsWithDelta((72 + 75 + 70 + 41 + 44 + 38 + 66 + 64 + 68) / 9 / 75, $shown['film_share'], 1e-6);
        self::assertArrayNotHasKey('humidity_pct', $shown, 'nobody knew');
        self::assertArrayNotHasKey('clip_moved', $shown, 'it does not bear on a pinhole');
        $first = FaultBoard::of($fault)->diagnosis->first();
        self::assertSame(FaultCause::MetalGas, $first->cause);
        $soft = $this->faulty(1, 'soft_film');
        self::assertSame(5.0, (float) RecordOfFault::of($soft)['rub_rating']);
        self::assertGreaterThan(1.0, RecordOfFault::of($soft)['dose']);
    }

    public function test_two_thin_plates_in_both_units_read_the_same(): void
    {
        $fault = $this->faulty();
        $this->finisher->update(['unit_system' => 'us']);
        $this->actingAs($this->finisher->refresh())->get("/faults/{$fault->id}")->assertOk()->assertSee('mil');
        $this->get("/station/inspect?lot={$fault->lot_id}")->assertOk()->assertSee('2.4 mil');
        $part = $fault->part;
        $this->send("/coats/{$this->coat($part)->id}/film", [
            'lot' => $fault->lot_id, 'readings' => '2.8 3.0', 'spot' => ['pin-1' => '71 µm'],
        ], $this->finisher->refresh())->assertSessionHasNoErrors();
        $film = Inspection::query()->latest('id')->firstOrFail()->film();
        self::assertEqualsWithDelta([71.12, 76.2, 71.0], $film?->microns, 0.01);
    }
}
