<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Curing\Models\OvenLoad;
use App\Platform\Offline\OutOfOrder;
use App\Platform\Offline\ReplayOfflineSubmission;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\StepTimer;
use App\ShopFloor\Commands\MoveBatch;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What a wrong clock claims to have been before what it follows is not recorded so: a person is asked. */
final class OutOfOrderTest extends ShopTestCase
{
    private const MIN = 60_000;

    private function running(): OvenLoad
    {
        $bake = $this->hang($this->part($this->job(), 'Bench end'));
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasNoErrors();

        return $bake->refresh();
    }

    /** @param  array<string, mixed>  $fields */
    private function waited(string $path, float $ms, array $fields = []): TestResponse
    {
        return $this->actingAs($this->finisher)->post(
            $path,
            $fields + ['_once' => Str::uuid()->toString()],
            [ReplayOfflineSubmission::HEADER => (string) $ms],
        );
    }

    public function test_a_pull_that_waited_longer_than_the_load_was_in_comes_back_with_the_moment_it_can_have(): void
    {
        $bake = $this->running();
        $this->travel(20)->minutes();
        $answer = $this->waited("/bakes/{$bake->id}/pull", 25 * self::MIN)->assertStatus(422);
        self::assertStringContainsString('before its door was shut', $answer->json('refused.0'));
        self::assertTrue($bake->refresh()->isRunning());
        self::assertSame($bake->shut_at?->getTimestampMs(), $answer->json('instead.at'));
        $offered = ['_moment' => $answer->json('instead.token')];
        $this->waited("/bakes/{$bake->id}/pull", 25 * self::MIN, $offered)->assertOk();
        self::assertEquals($bake->shut_at, $bake->refresh()->pulled_at);
    }

    public function test_a_reading_an_event_and_pieces_out_are_not_before_the_door_was_shut(): void
    {
        $bake = $this->running();
        $this->travel(20)->minutes();
        $item = $bake->items()->firstOrFail();
        $reading = ['item' => "{$item->id}-0", 'shown' => '150', 'set_emissivity' => '0.9', 'door' => 'shut'];
        $this->waited("/loads/{$bake->id}/readings", 21 * self::MIN, $reading)->assertStatus(422);
        $this->waited("/loads/{$bake->id}/events", 21 * self::MIN, ['kind' => 'flowed'])->assertStatus(422);
        $this->waited("/bakes/{$bake->id}/items/{$item->id}/out", 21 * self::MIN, ['door_s' => '20', 'pieces' => '1'])
            ->assertStatus(422);
        self::assertSame(0, $bake->readings()->count() + $bake->events()->count());
        $this->waited("/loads/{$bake->id}/readings", 19 * self::MIN, $reading)->assertOk();
    }

    public function test_a_shop_clock_that_was_set_back_is_told_and_nothing_is_recorded_until_somebody_chose(): void
    {
        $bake = $this->running();
        $this->travel(-15)->minutes();
        $page = $this->send("/bakes/{$bake->id}/pull", ['_once' => Str::uuid()->toString()])->assertStatus(409);
        $page->assertSee('The clocks do not agree')->assertSee('before its door was shut');
        self::assertTrue($bake->refresh()->isRunning());
        // What is offered is done as it is sent; what nobody offered is not.
        $this->send("/bakes/{$bake->id}/pull", ['_moment' => 'yesterday'])->assertStatus(409);
        preg_match('/name="_moment" value="([^"]+)"/', (string) $page->getContent(), $found);
        $this->send("/bakes/{$bake->id}/pull", ['_moment' => $found[1]])->assertSessionHasNoErrors()->assertRedirect();
        self::assertEquals($bake->shut_at, $bake->refresh()->pulled_at);
        self::assertNull(
            DB::table('audit_entries')->where('row_table', 'oven_loads')->orderByDesc('id')->value('waited_s'),
        );
    }

    public function test_a_clock_that_is_years_off_is_set_right_first(): void
    {
        $bake = $this->running();
        $this->travel(-3)->years();
        $token = Crypt::encryptString($bake->shut_at?->format('Y-m-d H:i:s.v') ?? '');
        $this->send("/bakes/{$bake->id}/pull", ['_moment' => $token])->assertSessionHasErrors('form');
        self::assertTrue($bake->refresh()->isRunning());
        // Every page about it opens all the same.
        foreach (["/bakes/{$bake->id}", "/bakes/{$bake->id}/board", '/', '/day', '/station/cure', '/station/inspect',
            "/jobs/{$bake->items()->firstOrFail()->part->job_id}", "/ovens/{$bake->oven_id}/history"] as $page) {
            self::assertSame(200, $this->actingAs($this->finisher)->get($page)->getStatusCode(), $page);
        }
    }

    public function test_a_clock_a_move_and_a_spraying_end_after_they_begin(): void
    {
        $part = $this->part($this->job(Station::Coat), 'Bench end');
        $batch = $this->batch($part);
        $clock = StepTimer::query()->create([
            'part_id' => $part->id, 'batch_id' => $batch->id, 'user_id' => $this->finisher->id, 'step' => 'rinse',
            'label' => 'Rinse', 'started_at' => now(), 'due_at' => now()->addMinutes(2),
        ]);
        $this->travel(1)->minutes();
        $this->waited("/clocks/{$clock->id}/done", 2 * self::MIN)->assertStatus(422);
        self::assertNull($clock->refresh()->done_at);
        $this->waited("/clocks/{$clock->id}/done", self::MIN / 2)->assertOk();
        (new MoveBatch())->sign($batch, $this->finisher, 'looked at', Station::Coat);
        $this->travel(-1)->days();
        $moves = BatchEvent::query()->count();
        try {
            (new MoveBatch())->sign($batch, $this->finisher, 'looked at again', Station::Coat);
            self::fail('It was signed before it was signed.');
        } catch (OutOfOrder $e) {
            self::assertStringContainsString('it was moved last', $e->getMessage());
        }
        self::assertSame($moves, BatchEvent::query()->count());
    }

    public function test_zero_is_no_reading_in_either_unit(): void
    {
        $bake = $this->running();
        $this->travel(20)->minutes();
        $item = $bake->items()->firstOrFail()->id.'-0';
        foreach (['0', '0,0', ' 0 '] as $zero) {
            $this->send("/loads/{$bake->id}/readings", [
                'item' => $item, 'shown' => $zero, 'set_emissivity' => '0.9', 'door' => 'shut', 'confirmed' => '1',
            ])->assertSessionHasErrors('shown');
        }
        self::assertSame(0, $bake->readings()->count());
    }
}
