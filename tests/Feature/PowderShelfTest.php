<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use Aenum\Core\Training\BoothDrill;
use Aenum\Core\Units\UnitSystem;
use App\Application\Models\Spraying;
use App\Application\Queries\PowderStock;
use App\Catalog\Models\Gun;
use App\Catalog\Models\GunProgram;
use App\Catalog\Models\Panel;
use App\Catalog\Models\PowderLot;
use App\Catalog\Models\PowderPicture;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Audit\AuditEntry;
use App\Routing\Commands\WriteFacts;
use App\Routing\Queries\PartRoute;
use App\Training\Models\BoothRun;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Once;
use Illuminate\Testing\TestResponse;

/** Powders with their lots, panels and pictures; guns and booth; the practice booth. */
final class PowderShelfTest extends ShopTestCase
{
    private const ON = ['respirator' => '1'];

    private function lotOf(float $kg): PowderLot
    {
        $this->send("/powders/{$this->green->id}/lots", [
            'number' => '26-0417', 'holds' => (string) $kg, 'best_before' => '2027-05-01', 'place' => 'shelf 2',
        ])->assertSessionHasNoErrors();

        return PowderLot::query()->latest('id')->firstOrFail();
    }

    public function test_stock_falls_is_reserved_and_asks_to_be_ordered_in_time(): void
    {
        $batch = $this->lotOf(1);
        $this->send("/powders/{$this->green->id}/lots", ['number' => '', 'holds' => '-1'])
            ->assertSessionHasErrors(['number', 'holds']);
        $stock = fn (): PowderStock => PowderStock::of($this->green->refresh()->load('lots'));
        self::assertFalse($stock()->mustOrder());
        self::assertSame('no open job asks for it', $stock()->reservedWords());
        $part = $this->part($this->job(Station::Coat), 'rail', 6.3, 0.8, 10, 'aluminium');
        // 8 m² at 75 µm, SG 1.55, 0.70 lands, a tenth more for a redo, 45 g that stay in the cup.
        $takes = 1.1 * 8 * 1.55 * 75 / 0.70 + 45;
        self::assertEqualsWithDelta($takes, $stock()->reservedG(), 1e-6);
        self::assertTrue($stock()->mustOrder());
        self::assertSame(1.0, $stock()->orderKg());
        $this->green->update(['box_kg' => 20, 'least_order_kg' => 5]);
        self::assertSame(20.0, $stock()->orderKg());
        $this->actingAs($this->finisher)->get('/powders')->assertSee('order 20 kg');
        $this->get('/powders?stock=order')->assertSee('Promenade green');
        $form = ['weighed' => '600', 'powder_lot' => (string) $batch->id];
        $this->send("/batches/{$this->batch($part)->id}/weigh", self::ON + $form)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(400, $stock()->totalG(), 1e-6);
        self::assertSame(0.0, $stock()->reservedG(), 'what is weighed out is not reserved as well');
        $spraying = Spraying::query()->firstOrFail();
        $this->send("/sprayings/{$spraying->id}/done", ['pieces' => '10', 'back' => '100', 'note' => 'x']);
        self::assertEqualsWithDelta(500, $stock()->totalG(), 1e-6);
        self::assertSame(0.0, $stock()->reservedG(), 'what is on is not reserved any more');
        // Five of the ten go their own way: what is on them went with them.
        $this->later(1);
        $this->send("/batches/{$this->batch($part)->id}/split", ['pieces' => '5'])->assertSessionHasNoErrors();
        self::assertSame(0.0, $stock()->reservedG(), 'a lot split after it was coated is coated');
        $this->later(1);
        $this->send("/sprayings/{$spraying->id}/blow-off", ['why' => 'thin'])->assertSessionHasNoErrors();
        $half = ($takes - 45) / 2 + 45;
        self::assertEqualsWithDelta($half, $stock()->reservedG(), 1e-6, 'blown off those that stayed only');
        // Weighed anew, the box says what is in it.
        $this->later(5);
        $this->send("/powder-lots/{$batch->id}", ['what' => 'weighed', 'holds' => '0.3'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(300, $stock()->totalG(), 1e-6);
        $this->send("/powder-lots/{$batch->id}", ['what' => 'weighed'])->assertSessionHasErrors('holds');
        $this->send("/powder-lots/{$batch->id}", ['what' => 'eaten'])->assertSessionHasErrors('what');
        $this->get("/powder-lots/{$batch->id}/card")->assertOk()->assertSee('26-0417')->assertSee('shelf 2');
        $this->send("/powder-lots/{$batch->id}", ['what' => 'finished'])->assertSessionHasNoErrors();
        self::assertSame(0.0, $stock()->totalG());
        self::assertNotNull($batch->refresh()->finished_at);
    }

    public function test_powders_are_found_by_what_they_are_called_used_for_and_where_they_lie(): void
    {
        $this->lotOf(5);
        $wrinkle = $this->powder('Anchor wrinkle', [[180, 15, 45]]);
        $wrinkle->update(['effect' => 'textured', 'outdoors' => false, 'finish' => 'coarse']);
        $finds = function (string $query): array {
            $page = (string) $this->actingAs($this->finisher)->get("/powders?{$query}")->assertOk()->getContent();

            return array_filter(['Promenade green', 'Anchor wrinkle'], fn (string $name) => str_contains($page, $name));
        };
        self::assertSame(['Promenade green'], array_values($finds('q=prom')));
        self::assertSame(['Promenade green'], array_values($finds('q=shelf+2')));
        self::assertSame(['Anchor wrinkle'], array_values($finds('q=coarse+anchor')));
        self::assertSame([], $finds('q=coarse+green'));
        self::assertSame(['Anchor wrinkle'], array_values($finds('role=textured')));
        self::assertSame([], $finds('lives=outdoors'));
        self::assertSame([], $finds('q=%25'), 'a per cent sign is one');
        $this->get('/powders?q=nothing+like+it')->assertSee('No powder is like that.');
        $this->get('/powders?role=nonsense')->assertRedirect();
    }

    public function test_an_effect_wants_a_panel_and_steel_outdoors_a_primer_or_a_name(): void
    {
        $wrinkle = $this->powder('Anchor wrinkle', [[180, 15, 45]]);
        $wrinkle->update(['effect' => 'textured']);
        $job = $this->job(Station::Intake);
        $part = $this->part($job, 'cap', 2, 0.2, 2, 'carbon_steel', [['base', $wrinkle, 'full']]);
        WriteFacts::on($part, ['made' => 'sheet', 'on_it' => ['bare'], 'features' => []]);
        $job->update(['lives' => 'outdoors']);
        $held = fn (): array => array_map(
            fn ($one): string => $one->rule->key,
            PartRoute::of(Part::query()->findOrFail($part->id))->holding(),
        );
        self::assertEqualsCanonicalizing(['panel-not-signed', 'outdoor-steel-primer'], $held());
        $this->send("/powders/{$wrinkle->id}/panels", ['signed_by' => ''])->assertSessionHasErrors('signed_by');
        $panel = ['signed_by' => 'T. Aldermoor', 'panel_film' => '96'];
        $this->send("/powders/{$wrinkle->id}/panels", $panel)->assertSessionHasNoErrors();
        Once::flush();
        self::assertSame(['outdoor-steel-primer'], $held());
        $this->send("/parts/{$part->id}/signatures", ['rule' => 'outdoor-steel-primer', 'name' => 'T. Aldermoor'])
            ->assertSessionHasNoErrors();
        self::assertSame([], $held());
        $this->send('/panels/'.Panel::query()->firstOrFail()->id.'/withdraw')->assertSessionHasNoErrors();
        Once::flush();
        self::assertSame(['panel-not-signed'], $held());
        $this->get("/powders/{$wrinkle->id}")->assertSee('this effect wants one first');
    }

    public function test_a_powder_is_pictured_raw_and_cured(): void
    {
        Storage::fake('local');
        $photo = UploadedFile::fake()->image('raw.jpg', 320, 200);
        $raw = ['photo' => $photo, 'shows' => 'raw'];
        $this->actingAs($this->finisher)->post("/powders/{$this->green->id}/looks", $raw)
            ->assertSessionHasNoErrors();
        $look = PowderPicture::query()->firstOrFail();
        $this->get("/powder-pictures/{$look->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/powders/{$this->green->id}")->assertSee('raw, as it lies');
        $this->post("/powders/{$this->green->id}/looks", ['shows' => 'cured'])->assertSessionHasErrors('photo');
        $this->post("/powders/{$this->green->id}/looks", ['photo' => $photo, 'shows' => 'wet'])
            ->assertSessionHasErrors('shows');
        $this->send("/powder-pictures/{$look->id}/withdraw")->assertSessionHasNoErrors();
        $this->get("/powder-pictures/{$look->id}")->assertNotFound();
    }

    public function test_guns_are_asked_only_what_they_can_do(): void
    {
        $form = ['name' => 'Cup gun', 'kind' => 'two_step', 'feed' => 'cup', 'most_kv' => '90', 'low_kv' => '50',
            'most_ua' => '60', 'bag' => '40', 'tips' => ['slot', 'cross']];
        $this->send('/guns', $form, $this->finisher)->assertForbidden();
        $this->send('/guns', $form, $this->owner)->assertSessionHasNoErrors();
        $gun = Gun::query()->firstOrFail();
        self::assertNull($gun->most_ua, 'a gun of two steps limits no current');
        self::assertSame(80.0, $gun->flow_g_min, 'a bag held on for half a minute');
        self::assertSame(['slot', 'cross'], array_map(fn ($tip): string => $tip->value, $gun->tips()));
        $this->send('/guns', $form, $this->owner)->assertSessionHasErrors('name');
        $this->send('/guns', ['most_kv' => '500', 'name' => 'other'] + $form, $this->owner)
            ->assertSessionHasErrors('most_kv');
        $program = ['number' => '1', 'program_name' => 'flats', 'kv' => '90'];
        $this->send("/guns/{$gun->id}/programs", $program, $this->owner)->assertSessionHasNoErrors();
        $this->send("/guns/{$gun->id}/programs", ['kv' => '50'] + $program, $this->owner)->assertSessionHasNoErrors();
        self::assertSame([50.0], $gun->programs()->pluck('kv')->all(), 'the same number is set anew');
        $this->send("/guns/{$gun->id}/programs", ['kv' => '91'] + $program, $this->owner)
            ->assertSessionHasErrors('kv');
        $booth = ['_method' => 'put', 'booth_air' => '130', 'booth_face_m_s' => '0.5', 'powder_reserve' => '12'];
        $this->send('/booth', $booth, $this->owner)->assertSessionHasNoErrors();
        $this->send('/booth', ['booth_face_m_s' => '0'] + $booth, $this->owner)->assertSessionHasErrors();
        $this->part($this->job(Station::Coat), 'rail', 6.3, 0.8, 2, 'aluminium');
        Once::flush();
        $this->actingAs($this->finisher)->get('/station/coat')->assertSee('0.6 g of powder a m³ of air');
        $this->send('/booth', ['booth_air' => '7'] + $booth, $this->owner);
        Once::flush();
        $this->actingAs($this->finisher)->get('/station/coat')->assertSee('can go off');
        $batch = Batch::query()->firstOrFail();
        $this->send("/batches/{$batch->id}/weigh", self::ON + ['weighed' => '100'])->assertSessionHasErrors('weighed');
        $own = ['air_unit' => 'bar', 'air_usual' => '1.4', 'positive' => '1', 'has_atomising' => '1'] + $form;
        $this->send("/guns/{$gun->id}", ['air_usual' => '0'] + $own, $this->owner, 'PUT')
            ->assertSessionHasErrors('air_usual');
        $this->send("/guns/{$gun->id}", $own, $this->owner, 'PUT')->assertSessionHasNoErrors();
        $kept = ['number' => '7', 'air' => '0.98', 'powder_percent' => '55', 'atomising_air' => '0.4'] + $program;
        $this->send("/guns/{$gun->id}/programs", ['powder_percent' => '101'] + $kept, $this->owner)
            ->assertSessionHasErrors('powder_percent');
        $this->send("/guns/{$gun->id}/programs", ['air' => '9'] + $kept, $this->owner)->assertSessionHasErrors('air');
        self::assertStringContainsString('between 0.14 bar and 7 bar', session('errors')->first('air'));
        $this->send("/guns/{$gun->id}/programs", $kept, $this->owner)->assertSessionHasNoErrors();
        $seventh = GunProgram::query()->where('number', 7)->firstOrFail();
        self::assertEqualsWithDelta(0.7, $seventh->air, 1e-9, 'kept against the usual');
        self::assertSame([55.0, 0.4], [$seventh->powder_percent, $seventh->atomising_air]);
        $this->actingAs($this->owner)->get('/guns')->assertSee('0.98 bar')->assertSee('positive charge')
            ->assertSee('0.4 bar')->assertSee('55 %');
        $this->send("/guns/{$gun->id}/retire", [], $this->owner)->assertSessionHasNoErrors();
        self::assertCount(0, Gun::inUse());
    }

    private function stroke(string $drill, int $number, array $path, array $set = []): TestResponse
    {
        $set += ['kv' => 60, 'ua' => 20, 'air' => 1, 'flow' => 110, 'face' => 0.5];

        return $this->actingAs($this->finisher)->postJson("/practice/booth/{$drill}/stroke", $set + [
            'number' => $number, 'path' => $path,
        ]);
    }

    public function test_a_stroke_in_the_booth_is_laid_once_and_scored(): void
    {
        $across = [[0, -100, 200, 220, 1], [2, 700, 200, 220, 0]];
        $one = $this->stroke('overlap', 1, $across)->assertOk()->json();
        self::assertCount(2400, $one['um']);
        self::assertSame(1, $one['strokes']);
        self::assertGreaterThan(5, max($one['um']));
        // The same stroke again, since the network blinked: nothing more lies there.
        self::assertSame($one['um'], $this->stroke('overlap', 1, $across)->json('um'));
        $two = $this->stroke('overlap', 2, [[3, 700, 200, 220, 1], [5, -100, 200, 220, 0]])->json();
        self::assertEqualsWithDelta(2 * max($one['um']), max($two['um']), 1.0);
        self::assertEqualsWithDelta(4 * 110 / 60, BoothRun::query()->firstOrFail()->sprayed_g, 1e-9);
        $by = ['from_x' => '-100', 'from_y' => '80', 'to_x' => '700', 'to_y' => '80', 'away' => '220', 'hand' => '300',
            'kv' => '60', 'ua' => '20', 'air' => '1', 'flow' => '110', 'face' => '0.5'];
        $this->send('/practice/booth/overlap/stroke', $by)->assertSessionHasNoErrors();
        self::assertSame(3, BoothRun::query()->firstOrFail()->strokes);
        $this->finisher->update(['unit_system' => UnitSystem::Us]);
        $page = (string) $this->get('/practice/booth/recess')->assertSee('3.15 in wide')->getContent();
        self::assertDoesNotMatchRegularExpression('/\d (mm|µm)/u', $page);
        $this->send('/practice/booth/overlap/stroke', ['from_x' => '-100'] + $by)->assertSessionHasErrors('from_x');
        $inches = ['from_x' => '-4', 'from_y' => '3.15', 'to_x' => '27.5', 'to_y' => '3.15', 'hand' => '12'];
        $this->send('/practice/booth/overlap/stroke', $inches + $by)->assertSessionHasNoErrors();
        $this->finisher->update(['unit_system' => UnitSystem::Metric]);
        $this->send('/practice/booth/overlap/stroke', ['hand' => '0'] + $by)->assertSessionHasErrors('hand');
        $this->send('/practice/booth/overlap/measured', ['real' => '60'])->assertStatus(409);
        $this->send('/practice/booth/overlap/judge')->assertSessionHasNoErrors();
        $run = BoothRun::query()->firstOrFail();
        self::assertNotNull($run->score);
        $this->stroke('overlap', 5, $across)->assertOk()->assertJsonPath('strokes', 4);
        self::assertSame(1, BoothRun::query()->count(), 'a stroke that comes late begins no new run');
        $this->get('/practice/booth/overlap')->assertSee("{$run->score} of 100")->assertSee('is thinner than');
        $this->send('/practice/booth/overlap/measured', ['real' => '12 15 11'])->assertSessionHasNoErrors();
        $this->send('/practice/booth/overlap/measured', ['real' => 'thick'])->assertSessionHasErrors('real');
        self::assertEqualsWithDelta(38 / 3, $run->refresh()->measured_mean_um, 1e-9);
        $this->get('/practice/booth')->assertSee('best '.$run->score);
        self::assertSame(0, AuditEntry::query()->where('row_table', 'booth_runs')->where('what', 'updated')
            ->where('after', 'like', '%film%')->count(), 'what is practised leaves no film on the trail');
    }

    public function test_every_drill_opens_and_nonsense_is_refused(): void
    {
        foreach (array_keys(BoothDrill::all()) as $drill) {
            $this->actingAs($this->finisher)->get("/practice/booth/{$drill}")->assertOk();
        }
        $this->get('/practice/booth/juggling')->assertNotFound();
        $path = [[0, 0, 0, 220, 1], [1, 100, 0, 220, 0]];
        foreach (['kv' => 101, 'ua' => 'x', 'flow' => 0, 'face' => null] as $key => $value) {
            $this->stroke('edges', 1, $path, [$key => $value])->assertSessionHasErrors($key);
        }
        $this->stroke('edges', 1, [[0, 1, 2]])->assertSessionHasErrors();
        $this->stroke('edges', 1, [[0, 0, 0, 'far', 1], [1, 0, 0, 220, 0]])->assertSessionHasErrors();
        $this->stroke('edges', 0, $path)->assertSessionHasErrors('number');
        self::assertSame(0, (int) BoothRun::query()->sum('strokes'));
        $this->actingAs($this->viewer)->postJson('/practice/booth/edges/stroke', [])->assertForbidden();
    }
}
