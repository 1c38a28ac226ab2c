<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Word\Station;
use App\Actions\BakeOut\BakeOutBoard;
use App\Actions\Cure\LoadOfBake;
use App\Actions\Floor\RunOven;
use App\Actions\Log\MetalMinutes;
use App\Actions\Pins\PlacePin;
use App\Models\Fitting;
use App\Models\Mask;
use App\Models\OvenLoad;
use App\Models\Part;

final class BakeOutTest extends ShopTestCase
{
    private function bollard(string $metal = 'cast_iron'): Part
    {
        return $this->part($this->job(Station::BakeOut), 'bollard', 40, 1.2, 2, $metal);
    }

    private function plan(Part ...$parts): OvenLoad
    {
        $this->send('/bake-outs', [
            'oven' => $this->oven->id,
            'lots' => $this->allOf(...$parts),
        ])->assertSessionHasNoErrors();

        return OvenLoad::query()->latest('id')->firstOrFail();
    }

    public function test_parts_are_held_hot_enough_long_enough_and_no_longer(): void
    {
        $load = $this->plan($this->bollard(), $this->part($this->job(Station::BakeOut), 'arm', 3, 0.4, 6));
        // The hottest cure is 200 °C; ten more is usual.
        self::assertSame([210.0, 45.0], [$load->target_c, $load->hold_minutes]);
        self::assertTrue($load->setpoint_c >= 220 && $load->setpoint_c <= 230);
        self::assertLessThan(150, $load->minutes);
        $board = BakeOutBoard::of($load);
        self::assertTrue($board->plan->good());
        self::assertEqualsWithDelta(
            $load->minutes,
            (float) $board->sinceShut($board->plan->items[0]['done']),
            0.11,
        );
        $this->actingAs($this->finisher)
            ->get('/station/bake-out')
            ->assertOk()
            ->assertSee('Bollard decides')
            ->assertSee('class="chart"', false)
            ->assertSee('In this load');
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        $this->later($load->minutes + 1);
        $this->send("/bake-outs/{$load->id}/pull")->assertSessionHasNoErrors();
        self::assertCount(2, $load->refresh()->results);
        foreach ($load->results as $result) {
            self::assertTrue($result->reached);
            self::assertGreaterThanOrEqual(44.9, $result->held_minutes);
        }
        self::assertSame([$this->finisher->id, $this->finisher->id], [$load->shut_by, $load->pulled_by]);
        $this->get("/station/bake-out?load={$load->id}")->assertSee('Baked out.');
    }

    public function test_light_metal_keeps_count_of_the_heat_it_had(): void
    {
        $load = $this->plan($this->bollard('cast_aluminium'));
        $part = fn (): Part => Part::query()
            ->with('coats.results')
            ->findOrFail($load->items()->firstOrFail()->part_id);
        $this->actingAs($this->finisher)->get('/station/bake-out')->assertSee('as at 200 °C after this');
        self::assertSame(0.0, MetalMinutes::of($part()));
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later($load->refresh()->minutes);
        $this->send("/bake-outs/{$load->id}/pull")->assertSessionHasNoErrors();
        $had = MetalMinutes::of($part());
        self::assertGreaterThan(45, $had);
        // The cure that follows begins from there.
        $this->hangAt($part(), Station::Cure);
        $bake = $this->hang($part());
        self::assertEqualsWithDelta($had, LoadOfBake::from($bake)->hung[0]->metalMinutesSoFar, 1e-6);
    }

    public function test_pulled_early_it_says_so(): void
    {
        $load = $this->plan($this->bollard());
        (new RunOven())->shut($load, $this->finisher);
        $this->later($load->minutes - 20);
        $this->send("/bake-outs/{$load->id}/pull");
        self::assertFalse($load->refresh()->results->first()?->reached);
        $this->actingAs($this->viewer)
            ->get("/station/bake-out?load={$load->id}")
            ->assertSee('Not long enough: bake it out again.');
    }

    public function test_a_mask_or_a_metal_that_cannot_stand_it_keeps_the_door_open(): void
    {
        $part = $this->bollard();
        $pin = (new PlacePin())(
            $part,
            ['kind' => 'seat', 'x' => 0.5, 'y' => 0.5, 'size_mm' => 40],
            $this->finisher,
        );
        $tape = Mask::query()->create([
            'name' => 'green tape',
            'kind' => 'tape',
            'material' => 'polyester',
            'from_mm' => 25,
            'to_mm' => 25,
            'rated_c' => 204,
            'held' => 10,
        ]);
        Fitting::query()->create([
            'pin_id' => $pin->id,
            'lot_id' => $this->lot($part)->id,
            'mask_id' => $tape->id,
            'fitted' => 2,
            'user_id' => $this->finisher->id,
            'at' => $this->now,
        ]);
        $load = $this->plan($part);
        $this->actingAs($this->finisher)->get('/station/bake-out')->assertSee('green tape, which stands 204 °C');
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasErrors('load');
        Fitting::query()->update(['removed' => 2]);
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $this->later(60);
        (new RunOven())->pull($load->refresh(), $this->finisher);
        $zinc = $this->plan($this->bollard('zinc_die_cast'));
        $this->send("/bake-outs/{$zinc->id}/shut")->assertSessionHasErrors('load');
    }

    public function test_one_oven_one_load_and_settings_are_checked(): void
    {
        $load = $this->plan($this->bollard());
        $set = fn (array $with) => $this->send(
            "/bake-outs/{$load->id}/set",
            $with + ['target' => '210', 'hold' => '30', 'setpoint' => '228'],
        );
        $set([])->assertSessionHasNoErrors();
        self::assertSame(30.0, $load->refresh()->hold_minutes);
        $set(['setpoint' => '200'])->assertSessionHasErrors('setpoint');
        $set(['setpoint' => '240'])->assertSessionHasErrors('setpoint');
        $set(['hold' => '0'])->assertSessionHasErrors('hold');
        $set(['target' => '900 F'])->assertSessionHasErrors('target');
        $this->send("/bake-outs/{$load->id}/shut")->assertSessionHasNoErrors();
        $set([])->assertSessionHasErrors('load');
        $busy = ['oven' => $this->oven->id, 'lots' => $this->allOf($this->bollard())];
        $this->send('/bake-outs', $busy)->assertSessionHasErrors('load');
        $this->send('/bake-outs', ['oven' => $this->oven->id])->assertSessionHasErrors('lots');
        $this->send('/bake-outs', [
            'oven' => $this->oven->id,
            'lots' => $this->allOf($this->part($this->job(Station::Wash))),
        ])->assertSessionHasErrors('lots');
        $inside = $load->items()->firstOrFail()->part;
        $this->send("/lots/{$this->lot($inside)->id}/send", [
            'to' => Station::Wash->value,
            'seen_at' => Station::BakeOut->value,
        ])->assertSessionHasErrors('load');
        (new RunOven())->pull($load->refresh(), $this->finisher);
        $gone = $this->plan($this->bollard());
        $this->hangAt($gone->items()->firstOrFail()->part, Station::Wash);
        $this->send("/bake-outs/{$gone->id}/shut")->assertSessionHasErrors('load');
        $other = $this->plan($this->bollard());
        $this->send("/bake-outs/{$other->id}/withdraw")->assertSessionHasNoErrors();
        self::assertSame('withdrawn', $other->refresh()->status);
    }
}
