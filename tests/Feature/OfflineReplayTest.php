<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Curing\Models\LiveSample;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\Reading;
use App\Platform\Clock\EffectiveTime;
use App\Platform\Offline\ReplayOfflineSubmission;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What was pressed without a network is done as of then, once, or comes back with the reason. */
final class OfflineReplayTest extends ShopTestCase
{
    private const MIN = 60_000;

    private function running(): OvenLoad
    {
        $bake = $this->hang($this->part($this->job(), 'Bench end'));
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasNoErrors();
        $this->travel(30)->minutes();

        return $bake->refresh();
    }

    /** @param  array<string, mixed>  $fields */
    private function late(string $path, float|string $ms, array $fields = []): TestResponse
    {
        return $this->actingAs($this->finisher)->post(
            $path,
            $fields + ['_once' => Str::uuid()->toString()],
            [ReplayOfflineSubmission::HEADER => (string) $ms],
        );
    }

    public function test_what_waited_is_done_as_of_when_it_was_pressed(): void
    {
        $bake = $this->running();
        $shut = $bake->shut_at ?? CarbonImmutable::now();
        $item = $bake->items()->firstOrFail()->id.'-0';
        $this->late("/loads/{$bake->id}/readings", 12 * self::MIN, [
            'item' => $item, 'shown' => '150', 'set_emissivity' => '0.9',
        ])->assertOk()->assertExactJson(['refused' => [], 'said' => 'The reading is taken in.']);
        $this->late("/bakes/{$bake->id}/pull", 8 * self::MIN)->assertOk();
        self::assertEqualsWithDelta(18 * 60, $shut->diffInSeconds(Reading::query()->firstOrFail()->at), 1);
        self::assertEqualsWithDelta(22 * 60, $shut->diffInSeconds($bake->refresh()->pulled_at), 1);
        // The trail has both: when it came, and how long it had waited.
        $line = DB::table('audit_entries')->where('row_table', 'oven_loads')->orderByDesc('id')->first();
        self::assertSame(8 * 60, $line?->waited_s);
        self::assertSame(CarbonImmutable::now('UTC')->format('Y-m-d H:i'), substr((string) $line->at, 0, 16));
        $this->actingAs($this->viewer)->get("/ovens/{$bake->oven_id}/history")->assertSee('sent 8 min later');
        // The next request is at the time it is.
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasErrors('load');
        self::assertSame(0, EffectiveTime::now());
    }

    public function test_what_came_too_late_comes_back_with_the_reason(): void
    {
        $bake = $this->running();
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
        $this->late("/bakes/{$bake->id}/pull", self::MIN)
            ->assertStatus(422)
            ->assertJsonPath('refused.0', 'This load is pulled now; that can only be done while it is running.');
        $this->late("/loads/{$bake->id}/readings", self::MIN, ['item' => '1-0', 'shown' => 'hot'])
            ->assertStatus(422)
            ->assertJsonCount(2, 'refused');
        // Nothing of it is told on the next page.
        $this->actingAs($this->finisher)->get('/')->assertDontSee('things are not right');
    }

    public function test_what_others_did_meanwhile_stands_beside_it(): void
    {
        $bake = $this->running();
        $item = $bake->items()->firstOrFail()->id.'-0';
        // Read and opened by somebody who had a network, after it was out by the word of one who had none.
        $this->send("/loads/{$bake->id}/readings", [
            'item' => $item, 'shown' => '150', 'set_emissivity' => '0.9', 'confirmed' => '1',
        ]);
        $this->send("/loads/{$bake->id}/events", ['kind' => 'door', 'door_s' => '40']);
        $this->late("/bakes/{$bake->id}/pull", 9 * self::MIN)->assertOk();
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertOk()->assertSee('Out of the oven', false);
        self::assertSame(1, $bake->results()->count());
        // A form that somebody else has saved, or whose record is gone, comes back in words.
        $this->late('/batches/999999/go', self::MIN)->assertStatus(422)
            ->assertJsonPath('refused.0', 'What it was about is not there any more.');
        $this->actingAs($this->viewer)->post("/bakes/{$bake->id}/pull", [], [ReplayOfflineSubmission::HEADER => '1'])
            ->assertStatus(422)->assertJsonPath('refused.0', 'Your sign-in does not allow this.');
    }

    public function test_sent_twice_it_is_done_once(): void
    {
        $bake = $this->running();
        $fields = ['_once' => Str::uuid()->toString(), 'kind' => 'door', 'door_s' => '30'];
        $this->late("/loads/{$bake->id}/events", 2 * self::MIN, $fields)->assertOk();
        $this->late("/loads/{$bake->id}/events", 3 * self::MIN, $fields)->assertOk();
        self::assertSame(1, $bake->events()->count());
    }

    public function test_longer_than_a_shift_nothing_waits_and_nothing_is_of_tomorrow(): void
    {
        $bake = $this->running();
        $most = 60 * self::MIN * EffectiveTime::MOST_H;
        foreach ([$most + 1, -6000, 'soon', 'NAN', '1e99'] as $waited) {
            $this->late("/bakes/{$bake->id}/pull", $waited)->assertStatus(422);
        }
        self::assertTrue($bake->refresh()->isRunning());
        $this->late("/bakes/{$bake->id}/pull", -4000)->assertOk();
        self::assertSame('pulled', $bake->refresh()->status);
    }

    public function test_nobody_elses_hand_sends_it(): void
    {
        $bake = $this->running();
        Auth::logout();
        $this->post("/bakes/{$bake->id}/pull", ['_once' => Str::uuid()->toString()], [
            ReplayOfflineSubmission::HEADER => '1000',
        ])->assertStatus(401);
        self::assertTrue($bake->refresh()->isRunning());
        $this->get('/here')->assertOk()->assertJsonPath('user', null);
        $this->actingAs($this->finisher)->get('/here')->assertJsonPath('user', $this->finisher->id);
    }

    public function test_the_live_board_is_worked_out_once_for_all_and_each_has_marks_of_their_own(): void
    {
        $bake = $this->running();
        $looks = fn (string $who): string => (string) $this->actingAs($this->$who)
            ->get("/bakes/{$bake->id}/board")->assertOk()->getContent();
        $mine = $looks('finisher');
        $asked = 0;
        DB::listen(function () use (&$asked): void {
            $asked++;
        });
        $again = $looks('finisher');
        self::assertLessThan(20, $asked, 'the second look works nothing out');
        $once = fn (string $board): array => preg_match_all('/name="_once" value="([^"]+)"/', $board, $found)
            ? $found[1] : [];
        self::assertNotSame([], $once($mine));
        self::assertSame([], array_intersect($once($mine), $once($again)), 'no two forms are the same form');
        self::assertSame(count($once($again)), count(array_unique($once($again))));
        self::assertStringNotContainsString('name="_once"', $looks('viewer'), 'who only looks has no forms');
        // What is written down, or said by a logger, is there at the next look.
        $item = $bake->items()->firstOrFail()->id.'-0';
        $this->send("/loads/{$bake->id}/readings", [
            'item' => $item, 'shown' => '150', 'set_emissivity' => '0.9', 'confirmed' => '1',
        ]);
        self::assertStringContainsString('showed 150', $looks('finisher'));
        LiveSample::query()->create([
            'oven_load_id' => $bake->id, 'logger' => 'Rider 7', 'channel' => 'air', 'celsius' => 190, 'slot' => 1,
            'at' => CarbonImmutable::now('UTC'), 'user_id' => $this->finisher->id,
        ]);
        self::assertStringContainsString('Rider 7', $looks('finisher'));
        $this->finisher->update(['unit_system' => 'us']);
        self::assertStringContainsString('°F', $looks('finisher'));
    }
}
