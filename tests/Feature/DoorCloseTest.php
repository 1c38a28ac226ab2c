<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Curing\Commands\LoadBakeOut;
use App\Curing\Models\OvenLoad;
use App\Intake\Models\Part;
use App\Routing\Commands\WriteFacts;
use App\Routing\Models\Signature;

/** What the book says as the door shuts: a stop holds, a sign holds until a name is under it, and both are shown. */
final class DoorCloseTest extends ShopTestCase
{
    /** Heat-treated light metal that has a long bake before it. */
    private function arm(): Part
    {
        $part = $this->part($this->job(), 'lamp arm', 6.4, 0.55, 2, 'aluminium');
        WriteFacts::on($part, ['heat_treated' => true]);

        return $part->refresh();
    }

    private function longBake(Part $part): OvenLoad
    {
        $load = $this->hang($part);
        $load->update(['setpoint_c' => 210, 'minutes' => 100]);

        return $load;
    }

    public function test_a_sign_rule_holds_the_door_until_somebody_signs(): void
    {
        $part = $this->arm();
        $load = $this->longBake($part);
        $page = $this->actingAs($this->finisher)->get("/bakes/{$load->id}")->assertOk();
        $page->assertSee('All bakes of lamp arm together come to')->assertSee('Name of who signs');
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasErrors('load');
        self::assertStringContainsString('It needs a name under it.', session('errors')->first('load'));
        self::assertSame('planned', $load->refresh()->status);

        $rule = ['rule' => 'light-alloy-heat-much'];
        $this->send("/parts/{$part->id}/signatures", $rule + ['name' => ''])->assertSessionHasErrors('name');
        $this->send("/parts/{$part->id}/signatures", $rule + ['name' => 'I. Vael'])->assertSessionHasNoErrors();
        self::assertStringContainsString('together come to', Signature::query()->firstOrFail()->wording);
        $this->get("/bakes/{$load->id}")->assertDontSee('Name of who signs');
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasNoErrors();
        self::assertSame('running', $load->refresh()->status);
    }

    public function test_a_signature_that_is_taken_back_holds_it_again(): void
    {
        $part = $this->arm();
        $load = $this->longBake($part);
        $signed = ['rule' => 'light-alloy-heat-much', 'name' => 'I. Vael'];
        $this->send("/parts/{$part->id}/signatures", $signed)->assertSessionHasNoErrors();
        $signature = Signature::query()->firstOrFail();
        $this->send("/signatures/{$signature->id}/withdraw")->assertSessionHasNoErrors();
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasErrors('load');
    }

    public function test_a_stop_at_the_door_cannot_be_signed_away(): void
    {
        $part = $this->part($this->job(), 'finial', 0.7, 0.05, 2, 'zinc_die_cast');
        $load = $this->hang($part);
        $load->update(['setpoint_c' => 228, 'minutes' => 90]);
        $this->actingAs($this->finisher)->get("/bakes/{$load->id}")->assertSee('it stands 205 °C');
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasErrors('load');
        $signed = ['rule' => 'metal-too-hot', 'name' => 'I. Vael'];
        $this->send("/parts/{$part->id}/signatures", $signed)->assertSessionHasErrors('rule');
        self::assertSame('planned', $load->refresh()->status);
        $load->update(['setpoint_c' => 190]);
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasNoErrors();
    }

    public function test_what_does_not_come_up_cannot_be_signed(): void
    {
        $part = $this->arm();
        $load = $this->longBake($part);
        $load->update(['minutes' => 12]);
        $signed = ['rule' => 'light-alloy-heat-much', 'name' => 'I. Vael'];
        $this->send("/parts/{$part->id}/signatures", $signed)->assertSessionHasErrors('rule');
        $this->send("/bakes/{$load->id}/shut")->assertSessionHasNoErrors();
    }

    public function test_a_bake_out_asks_the_same_book(): void
    {
        $part = $this->part($this->job(Station::BakeOut), 'arm', 6.4, 0.55, 2, 'cast_aluminium');
        WriteFacts::on($part, ['heat_treated' => true, 'made' => 'cast']);
        $load = (new LoadBakeOut)($this->oven, [$this->batch($part)->id => $part->count], $this->finisher);
        $load->update(['setpoint_c' => 225, 'target_c' => 210, 'hold_minutes' => 60, 'minutes' => 80]);
        $page = $this->actingAs($this->finisher)->get("/station/bake-out?load={$load->id}")->assertOk();
        $page->assertSee('All bakes of arm together come to')->assertSee('Name of who signs');
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        $signed = ['rule' => 'light-alloy-heat-much', 'name' => 'I. Vael'];
        $this->send("/parts/{$part->id}/signatures", $signed)->assertSessionHasNoErrors();
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
    }
}
