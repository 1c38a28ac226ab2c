<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepOutcome;
use App\Curing\Models\OvenLoad;
use App\Intake\Models\Part;
use App\Routing\Commands\WriteFacts;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\PartFloorConditions;

/** Acid on hard steel: the relief bake is hung as it must be, holds its hours, and lets the powder on only then. */
final class ReliefBakeTest extends ShopTestCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->part($this->job(Station::BakeOut), 'spring clip', 2, 0.1, 4);
        WriteFacts::on($this->part, [
            'on_it' => ['paint'],
            'paint_test' => 'none',
            'hardened' => true,
            'temper_c' => 300,
            'strength_mpa' => 1050,
        ]);
        $this->part->refresh()->update(['strip_way' => 'acid_stripper']);
        $this->part->signatures()->create([
            'rule' => 'hard-steel-heat', 'wording' => 'by its temper', 'signed_by' => 'I. Vael',
            'user_id' => $this->owner->id, 'at' => $this->now,
        ]);
        StepTimer::query()->create([
            'part_id' => $this->part->id,
            'batch_id' => $this->batch($this->part)->id,
            'step' => 'acid_stripper-1',
            'label' => 'acid',
            'started_at' => $this->now->subMinutes(40),
            'due_at' => $this->now->subMinutes(20),
            'done_at' => $this->now->subMinutes(10),
            'user_id' => $this->finisher->id,
        ]);
    }

    private function hung(): OvenLoad
    {
        $hang = ['oven' => $this->oven->id, 'lots' => $this->allOf($this->part)];
        $this->send('/bake-outs', $hang)->assertSessionHasNoErrors();

        return OvenLoad::query()->latest('id')->firstOrFail();
    }

    private function toCoat(): \Illuminate\Testing\TestResponse
    {
        $job = $this->part->job->refresh()->load('parts.batches');
        $this->excuse($this->batch($job), Station::Coat, StepOutcome::Done);

        return $this->send("/batches/{$this->batch($job)->id}/send", [
            'to' => Station::Coat->value,
            'seen_at' => $job->station->value,
            'note' => 'bench is free',
        ]);
    }

    public function test_it_is_hung_as_the_steel_needs_it_and_no_shorter(): void
    {
        $load = $this->hung();
        self::assertSame([205.0, 480.0], [$load->target_c, $load->hold_minutes]);
        $load->update(['hold_minutes' => 45]);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        self::assertStringContainsString('needs 8 h', session('errors')->first('load'));
        $load->update(['hold_minutes' => 480, 'target_c' => 185]);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        $load->update(['target_c' => 205]);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
    }

    public function test_powder_waits_for_it_and_goes_on_after_it(): void
    {
        $this->toCoat()->assertSessionHasErrors('relief-bake-open');
        $load = $this->hung();
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later($load->refresh()->minutes + 1);
        $this->send("/bake-outs/{$load->id}/pull")->assertSessionHasNoErrors();
        self::assertNull(PartFloorConditions::of($this->part->fresh() ?? $this->part)->sinceAcidMin);
        $this->toCoat()->assertSessionHasNoErrors();
        // A day later the oven still takes it: what was done in time stays done.
        $this->later(1440);
        $this->hangAt($this->part, Station::Cure);
        $cure = $this->hang($this->part->refresh());
        $this->send("/bakes/{$cure->id}/shut")->assertSessionHasNoErrors();
    }

    public function test_pulled_too_soon_it_counts_for_nothing(): void
    {
        $load = $this->hung();
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later(120);
        $this->send("/bake-outs/{$load->id}/pull")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            130,
            PartFloorConditions::of($this->part->fresh() ?? $this->part)->sinceAcidMin,
            0.1,
        );
        $this->toCoat()->assertSessionHasErrors('relief-bake-open');
    }

    public function test_begun_too_late_it_is_not_begun(): void
    {
        $load = $this->hung();
        $this->later(229);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $load->refresh()->update(['status' => 'planned', 'shut_at' => null, 'shut_by' => null]);
        $this->later(2);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        self::assertStringContainsString('begins too late', session('errors')->first('load'));
    }
}
