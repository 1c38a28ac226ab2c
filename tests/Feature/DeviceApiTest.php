<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Ability;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\Tablet;
use App\Accounts\Models\User;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLog;
use App\Curing\Models\Reading;
use App\DeviceApi\DeviceEndpoint;
use App\DeviceApi\Simulated\SimulatedBake;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\Weight;
use App\Platform\Validation\JsonSchemaValidator;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** The device API: authentication, idempotency, and every request and response against its schema. */
final class DeviceApiTest extends ShopTestCase
{
    /** @param  list<Ability>|null  $abilities */
    private function token(?User $user = null, ?array $abilities = null): string
    {
        $words = array_map(fn (Ability $one): string => $one->value, $abilities ?? Ability::cases());

        return ($user ?? $this->finisher)->createToken('Rider 1', $words)->plainTextToken;
    }

    /** @param  array<string, mixed>|string|null  $body */
    private function ask(
        string $path,
        array|string|null $body = null,
        ?string $token = null,
        ?string $key = null,
    ): TestResponse {
        $token ??= $this->token();
        Auth::forgetGuards();
        $headers = [
            'HTTP_AUTHORIZATION' => "Bearer {$token}",
            'HTTP_IDEMPOTENCY_KEY' => $key ?? Str::uuid()->toString(),
            'CONTENT_TYPE' => 'application/json',
        ];
        $text = is_array($body) ? json_encode($body, JSON_THROW_ON_ERROR) : (string) $body;

        return $this->call($body === null ? 'GET' : 'POST', "/api/{$path}", [], [], [], $headers, $text);
    }

    private function keeps(TestResponse $answer, string $schema): void
    {
        self::assertSame([], JsonSchemaValidator::wrong(json_decode((string) $answer->getContent()), $schema));
    }

    private function refused(TestResponse $answer, int $status): string
    {
        $answer->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
        $this->keeps($answer, DeviceEndpoint::refuses());

        return (string) json_encode($answer->json(), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    private function running(): OvenLoad
    {
        $bake = $this->hang($this->part($this->job(), 'Bench end'));
        $this->send("/bakes/{$bake->id}/shut")->assertSessionHasNoErrors();
        $this->travel(12)->minutes();

        return $bake->refresh();
    }

    private function now(float $minutesAgo = 0): string
    {
        return CarbonImmutable::now('UTC')->subSeconds((int) (60 * $minutesAgo))->format('Y-m-d\TH:i:s\Z');
    }

    public function test_every_call_of_the_list_is_a_route_and_answers_as_its_schema_has_it(): void
    {
        $bake = $this->running();
        $item = $bake->items()->firstOrFail();
        $batch = $item->batch_id;
        $paths = [
            'rail' => 'rail', 'day' => 'day', 'bake' => "bakes/{$bake->id}",
            'job' => "jobs/{$item->part->job->number}",
        ];
        $bodies = [
            'reading' => ["loads/{$bake->id}/readings", [
                'item' => "{$item->id}-0",
            ] + (array) DeviceEndpoint::Reading->example()],
            'samples' => ["bakes/{$bake->id}/samples", ['logger' => 'Rider 1', 'samples' => [
                ['at' => $this->now(), 'channel' => 'air', 'c' => 198],
            ]]],
            'film' => ["lots/{$batch}/film", (array) DeviceEndpoint::Film->example()],
            'weight' => ['weights', (array) DeviceEndpoint::Weight->example()],
        ];
        foreach (DeviceEndpoint::cases() as $call) {
            self::assertTrue(Route::has("door.{$call->value}"));
            if ($call->asks() !== null) {
                $example = json_decode((string) json_encode($call->example()));
                self::assertSame([], JsonSchemaValidator::wrong($example, $call->asks()), $call->value);
            }
            [$path, $body] = $bodies[$call->value] ?? [$paths[$call->value], null];
            if ($call === DeviceEndpoint::Film) {
                $this->travel(60)->minutes();
                $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
                $this->cooled();
                $this->send("/batches/{$batch}/go", ['seen_at' => 'cure', 'to' => 'inspect', 'then' => 'on'])
                    ->assertSessionHasNoErrors();
            }
            $answer = $this->ask($path, $body);
            self::assertSame(200, $answer->getStatusCode(), "{$call->value}: {$answer->getContent()}");
            $this->keeps($answer, $call->answers());
        }
        $this->actingAs($this->viewer)->get('/devices/api')->assertOk()->assertSee('bakes/{bake}/samples');
    }

    public function test_nobody_is_let_in_without_a_token_that_may(): void
    {
        $this->refused($this->ask('rail', null, 'aenum_1|nonsense'), 401);
        $this->refused($this->ask('loads/999/readings', [], 'none'), 401);
        $weigher = $this->token(null, [Ability::Weight]);
        $this->refused($this->ask('rail', null, $weigher), 403);
        $this->ask('weights', ['scale' => 'S', 'grams' => 12], $weigher)->assertOk();
        // Who only looks gives away no more than that, whatever the token says.
        $this->refused($this->ask('weights', ['scale' => 'S', 'grams' => 12], $this->token($this->viewer)), 403);
        $this->ask('rail', null, $this->token($this->viewer))->assertOk();
        $token = $this->token();
        $this->finisher->update(['active' => false]);
        $this->refused($this->ask('rail', null, $token), 401);
        self::assertSame(1, Weight::query()->count());
    }

    public function test_a_person_makes_and_takes_back_tokens_and_only_what_they_may_give(): void
    {
        $this->send('/devices', ['name' => 'Tall rider', 'abilities' => ['readings', 'read']])
            ->assertSessionHasNoErrors();
        $device = DeviceToken::query()->firstOrFail();
        self::assertNotSame('', session('token'));
        $kept = (string) json_encode($device->getAttributes());
        self::assertStringNotContainsString((string) session('token'), $kept);
        $token = (string) session('token');
        $this->ask('rail', null, $token)->assertOk();
        $this->send('/devices', ['name' => ''])->assertSessionHasErrors(['name', 'abilities']);
        $this->send('/devices', ['name' => 'x', 'abilities' => ['film']], $this->viewer)
            ->assertSessionHasErrors('abilities.0');
        $this->send("/devices/{$device->id}/withdraw", [], $this->viewer)->assertForbidden();
        $this->actingAs($this->viewer)->get('/devices')->assertOk()->assertDontSee('Tall rider');
        $this->actingAs($this->owner)->get('/devices')->assertOk()->assertSee('Tall rider');
        $this->send("/devices/{$device->id}/withdraw", [], $this->owner)->assertSessionHasNoErrors();
        $this->refused($this->ask('rail', null, $token), 401);
        $tablet = Tablet::query()->create(['name' => 'x', 'mark' => Tablet::hash('m'), 'user_id' => $this->owner->id,
            'at' => $this->now]);
        $byPin = $this->actingAs($this->finisher)->withSession([SharedTablet::SESSION => $tablet->id]);
        $byPin->post('/devices', ['_once' => Str::uuid()->toString(), 'name' => 'x', 'abilities' => ['read']])
            ->assertSessionHasErrors('name');
        $lines = DB::table('audit_entries')->where('row_table', 'device_tokens')->pluck('what')->all();
        self::assertSame(['created', 'deleted'], $lines);
    }

    public function test_what_is_sent_again_under_its_key_is_done_once(): void
    {
        $token = $this->token();
        $first = $this->ask('weights', ['scale' => 'S', 'grams' => 12], $token, 'key-of-one');
        $again = $this->ask('weights', ['scale' => 'S', 'grams' => 12], $token, 'key-of-one');
        self::assertSame($first->getContent(), $again->getContent());
        $this->refused($this->ask('weights', ['scale' => 'S', 'grams' => 13], $token, 'key-of-one'), 422);
        // Another device's keys are its own; what was refused frees its key.
        $this->ask('weights', ['scale' => 'S', 'grams' => 12], $this->token(), 'key-of-one')->assertOk();
        $this->refused($this->ask('lots/999/film', (array) DeviceEndpoint::Film->example(), $token, 'key-of-two'), 404);
        $this->ask('weights', ['scale' => 'S', 'grams' => 14], $token, 'key-of-two')->assertOk();
        $this->refused($this->ask('weights', ['scale' => 'S', 'grams' => 1], $token, 'short'), 400);
        self::assertSame(3, Weight::query()->count());
    }

    /** @return array<string, array{string, string, string}> */
    public static function wrongs(): array
    {
        return [
            'no json' => ['weights', '{"scale":', '400'],
            'a list' => ['weights', '[1]', '400'],
            'missing' => ['weights', '{"scale":"S"}', 'grams is missing'],
            'text' => ['weights', '{"scale":"S","grams":"12"}', '/grams'],
            'below' => ['weights', '{"scale":"S","grams":-1}', 'allowed: 0 and more'],
            'above' => ['weights', '{"scale":"S","grams":100001}', 'up to 100000'],
            'unknown' => ['weights', '{"scale":"S","grams":1,"more":1}', 'leave it out'],
            'no moment' => ['weights', '{"scale":"S","grams":1,"at":"noon"}', '/at'],
            'to come' => ['weights', '{"scale":"S","grams":1,"at":"2031-01-01T00:00:00Z"}', 'still to come'],
            'long ago' => ['weights', '{"scale":"S","grams":1,"at":"2026-01-01T00:00:00Z"}', 'hours ago'],
            'a NUL' => ['weights', '{"scale":"S\u0000","grams":1}', 'NUL'],
            'a NUL in a name' => ['weights', '{"sc\u0000ale":"S","grams":1}', 'holds a NUL'],
            'deep' => ['weights', str_repeat('[', 500), '400'],
            'bytes' => ['weights', "{\"scale\":\"\xFF\"}", '400'],
        ];
    }

    #[DataProvider('wrongs')]
    public function test_what_is_not_as_its_schema_has_it_is_named(string $path, string $body, string $says): void
    {
        $answer = $this->ask($path, $body);
        $status = $answer->getStatusCode();
        self::assertContains($status, [400, 422]);
        self::assertStringContainsString($says, $this->refused($answer, $status).$status);
        self::assertSame(0, Weight::query()->count());
    }

    public function test_a_reading_is_taken_in_where_and_when_it_was_read(): void
    {
        $bake = $this->running();
        $key = $bake->items()->firstOrFail()->id.'-0';
        $body = ['item' => $key, 'shown_c' => 120, 'emissivity' => 0.9, 'at' => $this->now(2)];
        $this->ask("loads/{$bake->id}/readings", $body)->assertOk();
        $reading = Reading::query()->firstOrFail();
        self::assertSame('device', $reading->source);
        self::assertEqualsWithDelta(120, $reading->at->diffInSeconds(CarbonImmutable::now('UTC')), 1);
        self::assertSame(120, DB::table('audit_entries')->where('row_table', 'readings')->value('waited_s'));
        $this->refused($this->ask("loads/{$bake->id}/readings", ['item' => '99-0'] + $body), 422);
        $this->send("/bakes/{$bake->id}/pull");
        $this->refused($this->ask("loads/{$bake->id}/readings", $body), 422);
        self::assertSame(1, Reading::query()->count());
    }

    public function test_a_live_logger_corrects_the_bake_and_leaves_its_file(): void
    {
        $bake = $this->running();
        $before = UpdateExpectedPull::of($bake);
        $told = $this->ask("bakes/{$bake->id}")->json();
        self::assertSame(0, $told['readings']);
        self::assertNull($told['pull_between']);
        // Couples of an oven that heats far worse than it is said to.
        $samples = [];
        for ($minute = 1.0; $minute < 12; $minute += 0.5) {
            $samples[] = ['at' => $this->now(12 - $minute), 'channel' => 'air', 'c' => 190];
            $samples[] = ['at' => $this->now(12 - $minute), 'channel' => 'bench END', 'c' => 20 + 8 * $minute];
        }
        $body = ['logger' => 'Rider 1', 'samples' => $samples];
        $answer = $this->ask("bakes/{$bake->id}/samples", $body)->assertOk();
        self::assertSame(count($samples), $answer->json('kept'));
        self::assertTrue(
            UpdateExpectedPull::of($bake->refresh())->gt($before->addMinutes(3)),
            'it is to bake on for longer',
        );
        self::assertSame(0, $this->ask("bakes/{$bake->id}/samples", $body)->json('kept'), 'none twice');
        $close = array_map(
            fn (float $ago): array => ['at' => $this->now($ago), 'channel' => 'air', 'c' => 190],
            [0.04, 0.02],
        );
        $dense = ['logger' => 'Rider 1', 'samples' => $close];
        self::assertSame(1, $this->ask("bakes/{$bake->id}/samples", $dense)->json('kept'), 'one in five seconds');
        $told = $this->ask("bakes/{$bake->id}")->json();
        self::assertGreaterThan(0, $told['readings']);
        self::assertNotNull($told['pull_between']);
        // The first of every four minutes: 2, 4 and 8 of twelve.
        self::assertSame(3, $told['readings']);
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertOk()
            ->assertSee('Rider 1 rides along')->assertSee('nineteen times in twenty');
        $early = ['logger' => 'Rider 1', 'samples' => [['at' => $this->now(60), 'channel' => 'air', 'c' => 20]]];
        self::assertStringContainsString('/samples/0/at', $this->refused(
            $this->ask("bakes/{$bake->id}/samples", $early),
            422,
        ));
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
        $log = OvenLog::query()->firstOrFail();
        self::assertSame('Rider 1', $log->name);
        self::assertSame(['air', $bake->items()->firstOrFail()->id.'-0'], array_column($log->columns, 'in'));
        self::assertSame(1, Inspection::query()->where('kind', 'logger')->count());
        $this->refused($this->ask("bakes/{$bake->id}/samples", $body), 422);
    }

    public function test_a_logger_that_hangs_loose_spoils_nothing(): void
    {
        $bake = $this->running();
        $samples = [['at' => $this->now(1), 'channel' => 'left hook', 'c' => 650],
            ['at' => $this->now(0.5), 'channel' => 'left hook', 'c' => -40]];
        $this->ask("bakes/{$bake->id}/samples", ['logger' => 'R', 'samples' => $samples])->assertOk();
        self::assertSame(0, $this->ask("bakes/{$bake->id}")->json('readings'));
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
        self::assertSame(0, OvenLog::query()->count(), 'no column of it is of this load');
        self::assertSame('pulled', $bake->refresh()->status);
    }

    public function test_whatever_a_logger_says_a_load_can_be_pulled(): void
    {
        $bake = $this->running();
        $samples = [];
        // From before the door shut, and what no part can be.
        foreach ([12.8, 12.4, 9, 6, 3, 0.1] as $n => $ago) {
            $samples[] = ['at' => $this->now($ago), 'channel' => 'Bench end', 'c' => $n % 2 === 0 ? -40 : 700];
            $samples[] = ['at' => $this->now($ago), 'channel' => 'hook', 'c' => 20];
            $samples[] = ['at' => $this->now($ago), 'channel' => 'air', 'c' => 190];
        }
        $this->ask("bakes/{$bake->id}/samples", ['logger' => '7', 'samples' => $samples])->assertOk();
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertOk();
        $this->send("/bakes/{$bake->id}/pull")->assertSessionHasNoErrors();
        self::assertSame('pulled', $bake->refresh()->status);
        self::assertSame(1, OvenLog::query()->count());
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertOk();
    }

    public function test_a_logger_that_leaves_a_part_out_promises_nothing(): void
    {
        $bake = $this->running();
        $samples = [];
        foreach ([10.5, 8, 4, 1] as $ago) {
            foreach (['air', 'left hook', 'right hook'] as $channel) {
                $samples[] = ['at' => $this->now($ago), 'channel' => $channel, 'c' => 150];
            }
        }
        $this->ask("bakes/{$bake->id}/samples", ['logger' => 'R', 'samples' => $samples])->assertOk();
        $this->actingAs($this->viewer)->get("/bakes/{$bake->id}")->assertOk()->assertDontSee('nineteen times');
    }

    public function test_a_weight_stands_at_the_bench_for_ten_minutes(): void
    {
        $this->ask('weights', ['scale' => 'Coat bench', 'grams' => 1240])->assertOk();
        $this->actingAs($this->finisher)->get('/scale?asked=100')->assertOk()->assertSee('1240');
        $this->travel(11)->minutes();
        $this->actingAs($this->finisher)->get('/scale?asked=100')->assertDontSee('1240');
    }

    public function test_a_device_that_asks_too_often_is_told_when_to_come_back(): void
    {
        $token = $this->token();
        for ($n = 0; $n < DeviceEndpoint::A_MINUTE; $n++) {
            $this->ask('weights', '[]', $token);
        }
        $answer = $this->ask('rail', null, $token);
        $this->refused($answer, 429);
        self::assertTrue($answer->headers->has('Retry-After'));
        $this->ask('rail')->assertOk();
    }

    public function test_whatever_is_sent_is_taken_or_refused_in_words(): void
    {
        $bake = $this->running();
        $seeds = array_map(
            fn (DeviceEndpoint $call): string => (string) json_encode($call->example()),
            [DeviceEndpoint::Samples, DeviceEndpoint::Reading],
        );
        mt_srand(20261130);
        for ($n = 0; $n < 120; $n++) {
            $body = $seeds[$n % 2];
            for ($k = mt_rand(1, 6); $k > 0; $k--) {
                $body = substr_replace($body, chr(mt_rand(0, 255)), mt_rand(0, strlen($body) - 1), mt_rand(0, 3));
            }
            $path = $n % 2 === 0 ? "bakes/{$bake->id}/samples" : "loads/{$bake->id}/readings";
            $answer = $this->ask($path, $body, $n % 40 === 0 ? $kept = $this->token() : $kept ?? null);
            self::assertContains($answer->getStatusCode(), [200, 400, 422], bin2hex($body));
        }
    }

    public function test_a_played_bake_speaks_of_what_hangs_in_it(): void
    {
        $bake = $this->running();
        $told = $this->ask("bakes/{$bake->id}")->json();
        $played = new SimulatedBake($told);
        $samples = $played->samples(new \DateTimeImmutable($told['at']));
        self::assertSame(['air', 'Bench end'], array_column($samples, 'channel'));
        self::assertSame($samples, $played->samples(new \DateTimeImmutable($told['at'])), 'asked twice, said twice');
        self::assertLessThan(400, max(array_column($samples, 'c')));
        self::assertGreaterThan(20, $played->surfaceC($told['items'][0]['key'], new \DateTimeImmutable($told['at'])));
        $this->ask("bakes/{$bake->id}/samples", ['logger' => 'R', 'samples' => $samples])->assertOk();
        $this->expectException(\InvalidArgumentException::class);
        new SimulatedBake(['status' => 'pulled'] + $told);
    }
}
