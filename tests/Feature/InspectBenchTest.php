<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Inspection\InspectionCheckKind;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Catalog\Models\ColorStandard;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\InspectionCheck;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Release\Queries\ReleaseCheck;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Testing\TestResponse;

/** What is found at the inspect bench beside the plain rub: files, lattice, gloss, colour, faces, looks. */
final class InspectBenchTest extends ShopTestCase
{
    private function atInspect(bool $solventProof = true): Part
    {
        $powder = $this->powder('Slipway grey', [[180, 18, 60], [190, 12, 40], [200, 8, 28]], $solventProof);
        $powder->update(['gloss_low' => 70, 'gloss_high' => 80]);
        $part = $this->part($this->job(), 'sign bracket', 4, 0.5, 3, 'carbon_steel', [['base', $powder, 'full']]);
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 0.5);
        $this->cooled();
        $this->hangAt($part, Station::Inspect);

        return $part;
    }

    /** @param  array<string, mixed>  $with */
    private function found(Part $part, string $what, array $with, ?User $as = null): TestResponse
    {
        $path = "/coats/{$this->coat($part)->id}/{$what}";

        return $this->send($path, $with + ['lot' => $this->batch($part)->id], $as);
    }

    private function upload(Part $part, string $csv, ?string $unit = null): TestResponse
    {
        return $this->sendCsv("/coats/{$this->coat($part)->id}/film", $csv, [
            'lot' => $this->batch($part)->id, 'unit' => $unit,
        ]);
    }

    private static function last(): Inspection
    {
        return Inspection::query()->latest('id')->firstOrFail();
    }

    public function test_a_gauge_s_file_is_read_spot_by_spot_and_nonsense_is_refused_by_its_line(): void
    {
        $part = $this->atInspect();
        $this->upload($part, "spot;film (mil)\nfront;2,8\ninside;2,6\nfront;3,0\n")->assertSessionHasNoErrors();
        $readings = self::last()->readings()->orderBy('position')->get();
        self::assertEqualsWithDelta([71.12, 66.04, 76.2], $readings->pluck('microns')->all(), 1e-6);
        self::assertSame(['front', 'inside', 'front'], $readings->pluck('spot')->all());
        $this->upload($part, "a\n71\n72\n", 'um')->assertSessionHasNoErrors();
        self::assertSame(2, self::last()->readings()->count());
        $this->upload($part, "a\n71\n72\n")->assertSessionHasErrors('file');
        foreach (["film µm\n71\nlots\n", "film µm\n-4\n", '', random_bytes(400)] as $bad) {
            $this->upload($part, $bad, 'um')->assertSessionHasErrors('file');
        }
        self::assertSame(2, Inspection::query()->count(), 'nothing of a bad file is kept');
        $many = "film µm\n".implode("\n", array_fill(0, 10_001, '71'));
        $this->upload($part, $many)->assertSessionHasErrors('file');
    }

    public function test_a_coat_read_after_its_own_bake_is_told_apart_from_what_lies_below(): void
    {
        $part = $this->part($this->job(), 'sign bracket', 4, 0.5, 3, 'carbon_steel', [
            ['primer', $this->green, 'full'], ['base', $this->powder('Slate', [[180, 18, 60], [190, 12, 40]]), 'full'],
        ]);
        foreach ([1 => '70 74 72', 2 => '140 150 145'] as $position => $readings) {
            if ($position === 2) {
                $this->batch($part)->update(['station' => Station::Cure]);
            }
            $load = $this->hang($part);
            $this->bakeFor($load, $load->minutes + 0.5);
            $this->cooled();
            $this->batch($part)->update(['station' => Station::Inspect]);
            $this->send("/coats/{$this->coat($part, $position)->id}/film", [
                'lot' => $this->batch($part)->id, 'readings' => $readings,
            ])->assertSessionHasNoErrors();
            $this->later(30);
        }
        $page = $this->actingAs($this->viewer)->get("/station/inspect?lot={$this->batch($part)->id}")->assertOk();
        $page->assertSee('Slate by itself: 73 µm, ± 13.4 µm, the difference to what was read on the coat below.');
        Inspection::query()->oldest('id')->firstOrFail()->delete();
        $this->get("/station/inspect?lot={$this->batch($part)->id}")->assertOk()->assertDontSee('Slate by itself');
    }

    public function test_lattice_and_gloss_are_held_against_what_was_agreed(): void
    {
        $part = $this->atInspect();
        $this->found($part, 'cross-cut', ['lattice' => 1])->assertSessionHasNoErrors();
        self::assertSame(['pass', 1.0], [self::last()->verdict, self::last()->limit_high]);
        $this->found($part, 'cross-cut', ['lattice' => 2])->assertSessionHasNoErrors();
        self::assertSame('fail', self::last()->verdict);
        $this->found($part, 'cross-cut', ['lattice' => 2, 'limit' => 2])->assertSessionHasNoErrors();
        self::assertSame('pass', self::last()->verdict);
        $this->found($part, 'cross-cut', ['lattice' => 6])->assertSessionHasErrors('lattice');
        foreach ([['69.9', 'fail'], ['70', 'pass'], ['80', 'pass'], ['80.1', 'fail']] as [$gloss, $verdict]) {
            $this->found($part, 'gloss', ['gloss' => $gloss, 'angle' => 60])->assertSessionHasNoErrors();
            self::assertSame($verdict, self::last()->verdict, $gloss);
        }
        self::assertContains(
            'Sign bracket: gloss not as agreed.',
            ReleaseCheck::of($this->batch($part))->doubts,
        );
        // A sheet's band is of 60°: another angle is written down and not judged by it.
        $this->found($part, 'gloss', ['gloss' => '40', 'angle' => 20])->assertSessionHasNoErrors();
        self::assertNotContains(self::last()->verdict, ['pass', 'fail']);
        $this->found($part, 'gloss', ['gloss' => '40', 'angle' => 45])->assertSessionHasErrors('angle');
        $this->found($part, 'gloss', ['gloss' => 'shiny', 'angle' => 60])->assertSessionHasErrors('gloss');
    }

    public function test_colour_is_held_against_a_master_of_that_powder_kept_on_the_shelf(): void
    {
        $part = $this->atInspect();
        $powder = $this->coat($part)->powder;
        $keep = ['master' => 'panel 3', 'lab_l' => '50', 'lab_a' => '2.6772', 'lab_b' => '-79.7751'];
        $this->send("/powders/{$powder->id}/color-standards", $keep + ['tolerance' => '0'])
            ->assertSessionHasErrors('tolerance');
        $this->send("/powders/{$powder->id}/color-standards", ['lab_l' => '151'] + $keep + ['tolerance' => '2'])
            ->assertSessionHasErrors('lab_l');
        $this->send(
            "/powders/{$powder->id}/color-standards",
            $keep + ['tolerance' => '2.05'],
        )->assertSessionHasNoErrors();
        $master = ColorStandard::query()->firstOrFail();
        // The first of the published pairs: 2.0425.
        $measured = ['lab_l' => '50', 'lab_a' => '0', 'lab_b' => '-82.7485', 'master' => $master->id];
        $this->found($part, 'color', $measured)->assertSessionHasNoErrors();
        self::assertSame('pass', self::last()->verdict);
        self::assertEqualsWithDelta(2.0425, self::last()->figure, 5e-5);
        $master->update(['tolerance' => 2.04]);
        $this->found($part, 'color', $measured)->assertSessionHasNoErrors();
        self::assertSame('fail', self::last()->verdict);
        $this->actingAs($this->viewer)->get("/powders/{$powder->id}")->assertOk()->assertSee('panel 3');
        // Another powder's master is none of this one, nor is one that is off the shelf.
        $master->update(['powder_id' => $this->green->id]);
        $this->found($part, 'color', $measured)->assertSessionHasErrors('master');
        $master->update(['powder_id' => $powder->id]);
        $this->send("/color-standards/{$master->id}/withdraw")->assertSessionHasNoErrors();
        $this->found($part, 'color', $measured)->assertSessionHasErrors('master');
        $this->send(
            "/powders/{$powder->id}/color-standards",
            $keep + ['tolerance' => '2'],
            $this->viewer,
        )->assertForbidden();
    }

    public function test_a_rub_pressed_hard_judges_nothing_and_opens_nothing(): void
    {
        $part = $this->atInspect();
        $rub = ['rubs' => 50, 'rating' => 2, 'solvent' => 'MEK', 'pressure' => 'hard'];
        $this->found($part, 'solvent-rub', $rub)->assertSessionHasNoErrors();
        self::assertNotContains(self::last()->verdict, ['pass', 'fail']);
        self::assertStringContainsString('Rub again, firm', session('said'));
        $this->found($part, 'solvent-rub', ['pressure' => 'firm'] + $rub)->assertSessionHasNoErrors();
        self::assertSame('fail', self::last()->verdict);
    }

    public function test_looks_are_ticked_once_where_they_are_asked_and_a_bare_face_wants_a_name(): void
    {
        $part = $this->atInspect();
        $pin = (new PlacePin())($part, [
            'kind' => PinKind::EarthFace, 'picture_id' => null, 'x' => 0.4, 'y' => 0.3, 'size_mm' => 12,
            'depth_mm' => null,
            'places' => 1, 'note' => null, 'must_stay_bare' => true,
        ], $this->finisher);
        $batch = $this->batch($part);
        $bare = ['what' => InspectionCheckKind::Bare->value, 'pin' => $pin->id, 'name' => 'J. Tellmark'];
        $this->send("/batches/{$batch->id}/inspection-checks", $bare)->assertSessionHasErrors('what');
        $lines = InspectionChecklist::of(RoutingProgress::of($batch))->at(Station::Inspect);
        self::assertNotSame([], $lines);
        $one = ['what' => $lines[0]->what->value, 'pin' => $lines[0]->pin?->id];
        $this->send("/batches/{$batch->id}/inspection-checks", $one)->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/inspection-checks", $one)->assertSessionHasNoErrors();
        self::assertSame(1, InspectionCheck::query()->count(), 'a second tablet ticks the same');
        $this->send(
            "/batches/{$batch->id}/inspection-checks",
            ['what' => 'everything'],
        )->assertSessionHasErrors('what');
        $this->send(
            '/inspection-checks/'.InspectionCheck::query()->value('id').'/withdraw',
        )->assertSessionHasNoErrors();
        $lines = InspectionChecklist::of(
            RoutingProgress::of(Batch::query()->findOrFail($batch->id)),
        )->at(Station::Inspect);
        self::assertFalse($lines[0]->isDone());
        // At Release the face is signed by whoever looked.
        $batch->update(['station' => Station::Release]);
        $unsigned = 'must be bare metal, and nobody has signed';
        self::assertStringContainsString($unsigned, implode(' ', ReleaseCheck::of($batch->refresh())->stops));
        $this->send("/batches/{$batch->id}/inspection-checks", ['name' => ' '] + $bare)->assertSessionHasErrors('name');
        $this->send("/batches/{$batch->id}/inspection-checks", $bare)->assertSessionHasNoErrors();
        $stops = ReleaseCheck::of(Batch::query()->findOrFail($batch->id))->stops;
        self::assertStringNotContainsString($unsigned, implode(' ', $stops));
        $this->send("/batches/{$batch->id}/inspection-checks", $bare, $this->viewer)->assertForbidden();
    }

    public function test_the_care_sheet_says_what_holds_for_this_job(): void
    {
        $part = $this->atInspect();
        $this->actingAs($this->viewer)->get("/jobs/{$part->job_id}/care")->assertOk()->assertSee('How to look after it')
            ->assertSee('touched up within days');
    }
}
