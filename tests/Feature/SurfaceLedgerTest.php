<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Curing\OvenVentilation;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\Shop;
use App\Curing\Commands\LoadBakeOut;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\WriteFacts;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Testing\TestResponse;

/** What is on the metal is known at every station, whichever way somebody tries to get powder over it. */
final class SurfaceLedgerTest extends ShopTestCase
{
    /** @param  array<string, mixed>  $facts */
    private function panel(array $facts, Station $at = Station::Intake): Part
    {
        $part = $this->part($this->job($at), 'railing panel', 6.3, 0.8, 4, 'carbon_steel');
        WriteFacts::on($part, $facts + ['made' => 'sheet', 'features' => []]);

        return $part->refresh();
    }

    private function page(string $path): string
    {
        $html = (string) $this->actingAs($this->finisher)->get($path)->assertOk()->getContent();

        return (string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($html), ENT_QUOTES));
    }

    private function crossOut(Part $part, StepKind ...$kinds): void
    {
        foreach ($kinds as $kind) {
            $steps = RoutingProgress::of(Batch::query()->findOrFail($this->batch($part)->id))->walk->steps;
            $at = array_search($kind, array_map(fn ($step): StepKind => $step->kind, $steps), true);
            $this->send("/parts/{$part->id}/route", ['how' => 'drop', 'at' => (string) $at])
                ->assertSessionHasNoErrors();
        }
    }

    /** Everything before the powder is told, some of it as not needed. */
    private function tell(Part $part, StepKind ...$notNeeded): Batch
    {
        $batch = Batch::query()->findOrFail($this->batch($part)->id);
        $walk = RoutingProgress::of($batch)->walk;
        foreach ($walk->passed(Station::Intake, Station::Coat) as $n) {
            $as = in_array($walk->steps[$n]->kind, $notNeeded, true) ? StepOutcome::NotNeeded : StepOutcome::Done;
            CompleteStep::told($batch, $this->finisher, $walk->keys[$n]->text(), $as, why: 'told in this test');
        }

        return Batch::query()->findOrFail($batch->id);
    }

    private function toCoat(Batch $batch): TestResponse
    {
        $job = Job::query()->findOrFail($batch->part->job_id);

        return $this->send("/batches/{$batch->id}/send", [
            'to' => Station::Coat->value, 'seen_at' => $batch->station->value, 'note' => 'the booth is free',
            'seen' => (string) $job->id,
        ]);
    }

    public function test_crossed_out_steps_leave_what_they_would_have_taken_off(): void
    {
        $part = $this->panel(['on_it' => ['old_powder', 'rust'], 'paint_test' => 'none']);
        $page = $this->page("/parts/{$part->id}/route");
        self::assertStringContainsString('On the metal as it arrives: old powder, rust', $page);
        self::assertStringContainsString('blasted metal', $page);
        self::assertStringNotContainsString('still carries', $page);
        $this->crossOut($part, StepKind::StripChemical, StepKind::Blast);
        $page = $this->page("/parts/{$part->id}/route");
        self::assertStringContainsString('Railing panel still carries old powder when the first coat goes on.', $page);
        self::assertStringContainsString('Railing panel is still rusty when the first coat goes on.', $page);
        self::assertStringContainsString('Use the planned routing', $page);
        $batch = $this->batch($part);
        $this->send(
            "/batches/{$batch->id}/go",
            ['seen_at' => 'intake', 'then' => 'on'],
        )->assertSessionHasErrors('route');
        $this->send("/parts/{$part->id}/remedies", ['rule' => 'rust-under-powder', 'remedy' => 'planned_routing'])
            ->assertSessionHasNoErrors();
        self::assertStringNotContainsString('still carries', $this->page("/parts/{$part->id}/route"));
    }

    public function test_steps_told_as_not_needed_took_nothing_off(): void
    {
        $part = $this->panel(['on_it' => ['mill_scale']]);
        $batch = $this->tell($part, StepKind::Blast);
        self::assertTrue(BatchSurface::of($batch)->has(Layer::MillScale));
        $batch->update(['station' => Station::MaskAndHang]);
        // Scale wants a name; without a reason it does not go on, with one it does.
        $this->send("/batches/{$batch->id}/send", ['to' => 'coat', 'seen_at' => $batch->station->value, 'note' => ''])
            ->assertSessionHasErrors('note');
        $this->toCoat($batch)->assertSessionHasNoErrors();

        $greasy = $this->panel(['on_it' => ['grease']]);
        $batch = $this->tell($greasy, StepKind::Degrease, StepKind::Wash);
        $batch->update(['station' => Station::MaskAndHang]);
        $this->toCoat($batch)->assertSessionHasErrors('grease-under-powder');

        $done = $this->panel(['on_it' => ['grease', 'rust']]);
        $batch = $this->tell($done);
        self::assertSame('', BatchSurface::of($batch)->has(Layer::Grease, Layer::Rust) ? 'dirty' : '');
        $batch->update(['station' => Station::MaskAndHang]);
        $this->toCoat($batch)->assertSessionHasNoErrors();
    }

    public function test_plastic_told_as_off_but_not_taken_off_stops_the_oven_s_door(): void
    {
        $part = $this->panel(['on_it' => ['plastic_coating'], 'oily' => true], Station::BakeOut);
        $load = (new LoadBakeOut)($this->oven, [$this->batch($part)->id => $part->count], $this->finisher);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        $page = $this->page("/station/bake-out?load={$load->id}");
        self::assertStringContainsString('goes into an oven with PVC, nylon or fluoropolymer on it', $page);
        self::assertStringContainsString('goes into an oven, and no degreasing of it was done', $page);
    }

    public function test_a_load_s_powder_is_held_against_the_oven_s_vent(): void
    {
        // A larger oven that draws more says nothing about the one the load goes into.
        $this->oven->replicate()->forceFill([
            'name' => 'Long hall', 'width_m' => 9, 'height_m' => 9, 'depth_m' => 9, 'vent_w_per_k' => 5000,
        ])->save();
        $most = OvenVentilation::mostPowderKg($this->oven->model());
        // 75 µm at 1.55 g/cm³ are 0.11625 kg to a square meter.
        $area = $most / 0.11625;
        $part = $this->part($this->job(), 'shutter', 900, $area * 1.02, 1, 'carbon_steel');
        $load = $this->hang($part);
        $load->update(['minutes' => 200]);
        self::assertStringContainsString('of fresh air', $this->page("/bakes/{$load->id}"));
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasErrors('load');
        $part->update(['area_m2' => $area * 0.98]);
        // The first page still shows what was refused.
        $this->page("/bakes/{$load->id}");
        self::assertStringNotContainsString('of fresh air', $this->page("/bakes/{$load->id}"));
    }

    public function test_metal_from_the_cold_is_measured_before_powder(): void
    {
        $part = $this->panel(['on_it' => ['rust'], 'from_cold' => true]);
        $batch = $this->tell($part);
        $batch->update(['station' => Station::MaskAndHang]);
        $this->send('/air', ['air' => '20', 'rh' => '50'])->assertSessionHasNoErrors();
        $this->toCoat($batch)->assertSessionHasErrors('metal-colder-than-air');
        $page = $this->page("/station/mask-and-hang?lot={$batch->id}");
        self::assertStringContainsString('Carried in from the cold.', $page);
        $measured = fn (string $metal): TestResponse => $this->send(
            "/batches/{$batch->id}/metal-temperature", ['metal' => $metal],
        );
        $measured('warm')->assertSessionHasErrors('metal');
        $measured('11')->assertSessionHasNoErrors();
        $this->send("/batches/{$batch->id}/send", ['to' => 'coat', 'seen_at' => $batch->station->value, 'note' => ''])
            ->assertSessionHasErrors('note');
        $measured('15')->assertSessionHasNoErrors();
        $this->toCoat($batch)->assertSessionHasNoErrors();
    }

    public function test_a_license_releases_only_what_it_names(): void
    {
        $part = $this->panel(['on_it' => ['paint'], 'paint_test' => 'lead', 'licence' => 'M-7']);
        $page = $this->page("/parts/{$part->id}/route");
        self::assertStringContainsString('the license on record (M-7) does not cover it', $page);
        $facts = [
            'lives' => 'indoors', 'made' => 'sheet', 'duty' => 'none', 'on_it' => ['paint'], 'paint_test' => 'lead',
            'licence' => 'L-7', 'licensed_for' => ['lead_chromate'],
        ];
        $this->send("/parts/{$part->id}/facts", $facts, null, 'PUT')->assertSessionHasNoErrors();
        $page = $this->page("/parts/{$part->id}/route");
        self::assertStringNotContainsString('does not cover it', $page);
        self::assertStringContainsString('process on record: L-7', $page);
        $facts['licensed_for'] = ['everything'];
        $this->send("/parts/{$part->id}/facts", $facts, null, 'PUT')->assertSessionHasErrors('licensed_for.0');
    }

    public function test_the_shop_records_its_safety_equipment(): void
    {
        $form = [
            'name' => 'Test works', 'timezone' => 'Europe/Zurich', 'currency' => 'CHF', 'kwh_price' => '0.27',
            'ambient' => '20', 'clock_way' => 'window', 'margin_percent' => '10', 'overbake_percent' => '85',
            'humidity_pct' => '50', 'tablet_minutes' => '10', 'light_metal_cabinet' => '1', 'co_alarm' => '0',
            'gun_interlocked' => '', 'breathing_air_tested_on' => '2026-10-01', 'compressor_duty' => '60',
        ];
        $this->send('/shop', $form, $this->owner, 'PUT')->assertSessionHasNoErrors();
        $shop = Shop::query()->firstOrFail();
        self::assertSame([true, false, null, 0.6], [
            $shop->light_metal_cabinet, $shop->co_alarm, $shop->gun_interlocked, $shop->compressor_duty,
        ]);
        self::assertSame('2026-10-01', $shop->breathing_air_tested_on?->format('Y-m-d'));
        $future = ['breathing_air_tested_on' => '2030-01-01'] + $form;
        $this->send('/shop', $future, $this->owner, 'PUT')->assertSessionHasErrors('breathing_air_tested_on');
        $this->send('/shop', ['compressor_duty' => '0'] + $form, $this->owner, 'PUT')
            ->assertSessionHasErrors('compressor_duty');
    }
}
