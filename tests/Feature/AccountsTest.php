<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Commands\FirstRunCode;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\Shop;
use App\Accounts\Models\Tablet;
use App\Accounts\Models\User;
use App\Catalog\Models\Mask;
use App\Platform\Demo\DemoSignIns;
use App\Platform\Security\DummyHash;
use App\Platform\Validation\StrongPassword;
use App\Scheduling\Models\CalendarFeed;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who comes in, by what, and how they are put out again. */
final class AccountsTest extends ShopTestCase
{
    private const FINE = 'quiet harbour lamp';

    /** @return array<string, array{string, bool}> */
    public static function passwords(): array
    {
        return [
            'nine signs' => ['abcdefghé', false],
            'ten signs' => ['äquiet-lam', true],
            '72 bytes' => [str_repeat('quiet-', 12), true],
            '73 bytes' => [str_repeat('quiet-', 12).'x', false],
            'bytes, not signs' => [str_repeat('é', 37), false],
            'a common one' => ['qwertyuiop', false],
            'with figures behind it' => ['Password2026', false],
            'with figures for letters' => ['P4ssw0rd!!!!', false],
            'twice the same' => ['welcomewelcome', false],
            'of four signs' => ['abababcdcd', false],
            'their own name' => ['finisher2026', false],
            'the shop' => ['Test works 1', false],
        ];
    }

    #[DataProvider('passwords')]
    public function test_what_is_a_password(string $password, bool $fine): void
    {
        $rule = new StrongPassword(['Finisher', 'finisher@works.example', 'Test works']);
        self::assertSame($fine, Validator::make(['p' => $password], ['p' => $rule])->passes());
    }

    public function test_somebody_changes_their_own_password(): void
    {
        $change = ['current_password' => 'a-long-password', 'new_password' => self::FINE, 'again' => self::FINE];
        $this->send('/me/password', ['current_password' => 'wrong'] + $change, method: 'PUT')
            ->assertSessionHasErrors('current_password');
        $this->send('/me/password', ['again' => 'another'] + $change, method: 'PUT')
            ->assertSessionHasErrors('new_password');
        self::assertTrue(Hash::check('a-long-password', $this->finisher->refresh()->getAuthPassword()));
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $this->finisher->id, 'payload' => '',
            'last_activity' => time()]);
        $this->send('/me/password', $change, method: 'PUT')->assertSessionHasNoErrors();
        self::assertTrue(Hash::check(self::FINE, $this->finisher->refresh()->getAuthPassword()));
        self::assertSame(0, DB::table('sessions')->where('id', 'elsewhere')->count(), 'signed out elsewhere');
    }

    public function test_an_owner_resets_a_password_by_a_code_that_serves_once(): void
    {
        $this->send("/people/{$this->finisher->id}/code", as: $this->finisher)->assertForbidden();
        $told = $this->send("/people/{$this->finisher->id}/code", as: $this->owner);
        $code = $told->getSession()->get('code')['code'];
        self::assertStringNotContainsString($code, (string) $this->finisher->refresh()->code);
        auth()->logout();
        $set = ['email' => 'finisher@works.example', 'new_password' => self::FINE, 'again' => self::FINE];
        $this->post('/sign-in/code', $set + ['code' => 'AAAA-BBBB-CCCC'])->assertSessionHasErrors('code');
        $this->post('/sign-in/code', $set + ['code' => strtolower(str_replace('-', ' ', $code))])->assertRedirect('/');
        $this->assertAuthenticatedAs($this->finisher);
        auth()->logout();
        $this->post('/sign-in/code', $set + ['code' => $code])->assertSessionHasErrors('code');
        $this->later(60 * 24 + 1);
        $code = $this->send("/people/{$this->viewer->id}/code", as: $this->owner)->getSession()->get('code')['code'];
        auth()->logout();
        $this->later(60 * 24 + 1);
        $this->post('/sign-in/code', ['email' => 'viewer@works.example', 'code' => $code] + $set)
            ->assertSessionHasErrors('code');
    }

    public function test_an_owner_ends_somebodys_sessions(): void
    {
        $token = $this->finisher->remember_token;
        DB::table('sessions')->insert(['id' => 'tablet', 'user_id' => $this->finisher->id, 'payload' => '',
            'last_activity' => time()]);
        $this->send("/people/{$this->finisher->id}/sessions/end", as: $this->owner)->assertRedirect('/people');
        self::assertSame(0, DB::table('sessions')->where('user_id', $this->finisher->id)->count());
        self::assertNotSame($token, $this->finisher->refresh()->remember_token);
    }

    public function test_staying_signed_in_is_a_choice(): void
    {
        $given = ['email' => 'finisher@works.example', 'password' => 'a-long-password'];
        $cookie = fn (array $more): bool => array_filter(
            $this->post('/sign-in', $given + $more)->headers->getCookies(),
            fn ($one): bool => str_starts_with($one->getName(), 'remember_') && $one->getValue() !== null,
        ) !== [];
        self::assertFalse($cookie([]));
        auth()->logout();
        self::assertTrue($cookie(['remember' => '1']));
    }

    public function test_at_a_shared_tablet_a_pin_signs_on_and_time_signs_off(): void
    {
        $pin = fn (string $pin): array => ['pin' => $pin, 'current_password' => 'a-long-password'];
        foreach (['123', '123456789', '1234', '7777', 'abcd'] as $bad) {
            $this->send('/me/pin', $pin($bad), method: 'PUT')->assertSessionHasErrors('pin');
        }
        $this->send('/me/pin', $pin('4071'), $this->owner, 'PUT')->assertSessionHasNoErrors();
        $made = $this->send('/tablets', ['tablet' => 'at the ovens'], $this->owner);
        auth()->logout();
        $this->get('/tablet')->assertRedirect('/sign-in');
        $this->withCookie(Tablet::COOKIE, (string) $made->getCookie(Tablet::COOKIE)?->getValue());
        $this->get('/tablet')->assertOk()->assertSee('at the ovens')->assertSee('Owner')->assertDontSee('Viewer');
        $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '4072'])->assertSessionHasErrors('pin');
        $this->post('/tablet', ['who' => $this->viewer->id, 'pin' => ''])->assertSessionHasErrors('pin');
        $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '4071'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee('data-signs-out', false);
        $this->get('/people')->assertForbidden();
        $this->later(10);
        $this->get('/')->assertOk();
        $this->later(10.1);
        $this->get('/')->assertRedirect('/tablet');
        $this->assertGuest();
        $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '4071'])->assertRedirect('/');
        Tablet::query()->update(['withdrawn_at' => $this->now]);
        $this->get('/')->assertRedirect('/tablet');
    }

    public function test_wrong_pins_shut_the_door_for_minutes(): void
    {
        $this->owner->update(['pin' => Hash::make('4071')]);
        Tablet::query()->create(['name' => 'x', 'mark' => Tablet::hash('m'), 'user_id' => $this->owner->id,
            'at' => $this->now]);
        $this->withCookie(Tablet::COOKIE, 'm');
        foreach (range(1, 6) as $try) {
            $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '0000'])->assertSessionHasErrors('pin');
        }
        $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '4071'])->assertStatus(429);
        $this->assertGuest();
        $this->later(5.1);
        $this->post('/tablet', ['who' => $this->owner->id, 'pin' => '4071'])->assertRedirect('/');
    }

    public function test_a_shop_is_opened_once_by_the_code_on_the_console(): void
    {
        Schema::disableForeignKeyConstraints();
        DB::table('users')->delete();
        DB::table('shops')->delete();
        Schema::enableForeignKeyConstraints();
        auth()->logout();
        foreach (['/', '/sign-in', '/people', '/jobs/1'] as $page) {
            $this->get($page)->assertRedirect('/first-run');
        }
        $this->get('/first-run')->assertOk()->assertSee('Code from the console');
        $code = FirstRunCode::code();
        $in = ['code' => $code, 'shop' => 'Slipway Coating', 'timezone' => 'Europe/Oslo', 'currency' => 'NOK',
            'unit_system' => 'us', 'owner' => 'Tova', 'email' => 'tova@slipway.example', 'password' => self::FINE];
        $this->post('/first-run', ['code' => 'AAAA-BBBB-CCCC'] + $in)->assertSessionHasErrors('code');
        $this->post('/first-run', ['password' => 'slipway coating'] + $in)
            ->assertSessionHasErrors('password');
        self::assertSame(0, Shop::query()->count());
        $this->post('/first-run', $in)->assertRedirect('/set-up');
        self::assertSame(['Slipway Coating', 'Europe/Oslo'], array_values(
            Shop::query()->firstOrFail()->only('name', 'timezone'),
        ));
        $owner = User::query()->firstOrFail();
        $this->assertAuthenticatedAs($owner);
        self::assertTrue($owner->isOwner());
        self::assertGreaterThan(15, Mask::query()->where('held', 0)->count(), 'masks ready, none counted yet');
        $this->actingAs($owner)->get('/set-up')->assertOk()
            ->assertSeeInOrder(['Ovens', 'Powders', 'Guns', 'The shop itself', 'People', 'Done: take in the first']);
        $this->get('/first-run')->assertRedirect('/');
        auth()->logout();
        $this->post('/first-run', ['email' => 'other@slipway.example'] + $in)->assertRedirect('/');
        self::assertSame(1, User::query()->count());
        self::assertFalse(FirstRunCode::fits($code), 'the code is used');
        $this->post('/set-up', [])->assertRedirect('/sign-in');
    }

    public function test_a_demo_that_can_be_reached_from_elsewhere_has_passwords_of_its_own(): void
    {
        User::query()->update(['password' => Hash::make(DemoSignIns::PASSWORD)]);
        config(['app.demo' => true, 'app.loopback' => true]);
        @unlink(storage_path('demo-passwords.json'));
        self::assertSame(DemoSignIns::PASSWORD, DemoSignIns::all()['owner@works.example']);
        $this->get('/sign-in')->assertSee(DemoSignIns::PASSWORD);
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])->get('/sign-in')
            ->assertDontSee(DemoSignIns::PASSWORD);
        config(['app.loopback' => false]);
        $fresh = DemoSignIns::all();
        self::assertNotSame(DemoSignIns::PASSWORD, $fresh['owner@works.example']);
        self::assertCount(3, array_unique($fresh));
        self::assertTrue(Hash::check($fresh['owner@works.example'], $this->owner->refresh()->getAuthPassword()));
        self::assertSame($fresh, DemoSignIns::all(), 'told again, they are the same');
        config(['app.loopback' => true]);
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->get('/sign-in')
            ->assertDontSee(DemoSignIns::PASSWORD);
        unlink(storage_path('demo-passwords.json'));
    }

    protected function tearDown(): void
    {
        RateLimiter::clear('first-run|127.0.0.1');
        parent::tearDown();
    }

    public function test_the_current_password_asked_again_is_limited_as_sign_in_is_also_at_a_shared_tablet(): void
    {
        $change = ['new_password' => self::FINE, 'again' => self::FINE];
        foreach (range(1, 6) as $try) {
            $this->send('/me/pin', ['pin' => '4071', 'current_password' => "wrong {$try}"], method: 'PUT')
                ->assertSessionHasErrors('current_password');
        }
        $right = ['current_password' => 'a-long-password'];
        $this->send('/me/password', $right + $change, method: 'PUT')->assertStatus(429);
        auth()->logout();
        // The same count as at sign-in, whichever way it was reached.
        $known = ['email' => 'finisher@works.example', 'password' => 'a-long-password'];
        $this->post('/sign-in', $known)->assertStatus(429);
        $this->later(1.1);
        $this->withSession([SharedTablet::SESSION => $this->tablet()->id]);
        foreach (range(1, 6) as $try) {
            $this->send('/me/pin', ['pin' => '4071', 'current_password' => 'wrong'], method: 'PUT');
        }
        $this->send('/me/pin', $right + ['pin' => '4071'], method: 'PUT')->assertStatus(429);
        self::assertNull($this->finisher->refresh()->pin);
    }

    public function test_names_the_database_takes_for_one_are_counted_as_one(): void
    {
        $ways = ['finisher@works.example', 'FINISHER@works.example', "fini\u{200B}sher@works.example",
            'fínisher@works.example', 'finisher@works.example ', "\u{FEFF}finisher@works.example"];
        foreach ($ways as $name) {
            self::assertNotNull(User::query()->firstWhere('email', $name), json_encode($name));
            $this->post('/sign-in', ['email' => $name, 'password' => 'wrong'])->assertSessionHasErrors('email');
        }
        $right = ['password' => 'a-long-password'];
        $this->post('/sign-in', ['email' => 'Finisher@works.example'] + $right)->assertStatus(429);
        // Another name from the same place still comes in.
        $this->post('/sign-in', ['email' => 'viewer@works.example'] + $right)->assertRedirect('/');
    }

    public function test_a_known_name_takes_one_check_of_a_hash_and_so_does_an_unknown_one(): void
    {
        $tries = [
            fn () => $this->post('/sign-in', ['email' => 'finisher@works.example', 'password' => 'wrong']),
            fn () => $this->post('/sign-in', ['email' => 'nobody@works.example', 'password' => 'wrong']),
            fn () => $this->post('/sign-in/code', $this->newPassword('finisher@works.example')),
            fn () => $this->post('/sign-in/code', $this->newPassword('viewer@works.example')),
            fn () => $this->post('/sign-in/code', $this->newPassword('nobody@works.example')),
        ];
        $this->send("/people/{$this->finisher->id}/code", as: $this->owner);
        auth()->logout();
        DummyHash::get();
        $hash = Hash::getFacadeRoot();
        foreach ($tries as $n => $try) {
            Hash::swap($counting = new class($hash->driver())
            {
                /** @var list<array<string, mixed>> */
                public array $checked = [];

                public int $made = 0;

                public function __construct(private readonly object $real)
                {
                }

                public function check(string $value, string $hashed): bool
                {
                    $this->checked[] = password_get_info($hashed);

                    return $this->real->check($value, $hashed);
                }

                public function make(string $value): string
                {
                    $this->made++;

                    return $this->real->make($value);
                }

                /** @param  array<int, mixed>  $with */
                public function __call(string $name, array $with): mixed
                {
                    return $this->real->{$name}(...$with);
                }
            });
            $try();
            self::assertCount(1, $counting->checked, "try {$n}");
            self::assertSame(0, $counting->made, "try {$n}");
            $costs[] = $counting->checked[0]['options']['cost'];
        }
        self::assertCount(1, array_unique($costs));
        Hash::swap($hash);
    }

    public function test_a_code_is_checked_under_a_lock_and_stays_open_where_the_password_is_refused(): void
    {
        $told = $this->send("/people/{$this->finisher->id}/code", as: $this->owner);
        $code = $told->getSession()->get('code')['code'];
        auth()->logout();
        $good = ['code' => $code] + $this->newPassword('finisher@works.example');
        $weak = ['new_password' => 'short', 'again' => 'short'] + $good;
        $this->post('/sign-in/code', $weak)->assertSessionHasErrors('new_password');
        $asked = [];
        DB::listen(function ($query) use (&$asked): void {
            $asked[] = $query->sql;
        });
        $this->post('/sign-in/code', $good)->assertRedirect('/');
        self::assertNotSame([], preg_grep('/`users`.* for update/', $asked));
    }

    public function test_signing_out_at_a_shared_tablet_leaves_ones_own_devices_signed_in(): void
    {
        $this->finisher->forceFill(['remember_token' => 'at home'])->save();
        $this->withSession([SharedTablet::SESSION => $this->tablet()->id]);
        $this->send('/sign-out')->assertRedirect();
        $this->assertGuest();
        self::assertSame('at home', $this->finisher->refresh()->remember_token);
        $this->flushSession();
        $this->send('/sign-out')->assertRedirect('/sign-in');
        self::assertNotSame('at home', $this->finisher->refresh()->remember_token);
    }

    public function test_signed_out_everywhere_the_devices_are_out_too(): void
    {
        $this->finisher->createToken('scale', ['weight']);
        $this->viewer->createToken('board', ['read']);
        $this->send('/me/sessions/end')->assertSessionHas('said');
        self::assertSame(['board'], DeviceToken::query()->pluck('name')->all());
        $this->send("/people/{$this->viewer->id}/sessions/end", as: $this->owner)->assertSessionHas('said');
        self::assertSame(0, DeviceToken::query()->count());
    }

    public function test_with_a_person_go_their_devices_and_every_feed_they_made(): void
    {
        $feed = fn (User $by, string $kind): int => CalendarFeed::query()->create([
            'kind' => $kind, 'mark' => hash('sha256', "{$by->id} {$kind}"), 'made_by' => $by->id, 'at' => $this->now,
            'user_id' => $kind === 'person' ? $this->finisher->id : null,
            'oven_id' => $kind === 'oven' ? $this->oven->id : null,
        ])->id;
        $theirs = [$feed($this->finisher, 'shop'), $feed($this->finisher, 'oven'), $feed($this->owner, 'person')];
        $stays = $feed($this->owner, 'shop');
        $this->finisher->createToken('scale', ['weight']);
        $role = ['role' => 'finisher', 'active' => '1'];
        $this->send("/people/{$this->finisher->id}", $role, $this->owner, 'PUT')->assertSessionHas('said', 'Saved.');
        self::assertSame(4, CalendarFeed::query()->whereNull('withdrawn_at')->count());
        $this->send("/people/{$this->finisher->id}", ['active' => '0'] + $role, $this->owner, 'PUT');
        self::assertSame([$stays], CalendarFeed::query()->whereNull('withdrawn_at')->pluck('id')->all());
        self::assertSame($theirs, CalendarFeed::query()->where('withdrawn_by', $this->owner->id)->pluck('id')->all());
        self::assertSame(0, DeviceToken::query()->count());
    }

    public function test_after_a_restore_nothing_given_out_before_lets_anybody_in(): void
    {
        $this->finisher->createToken('scale', ['weight']);
        $given = ['remember_token' => 'before', 'code' => 'x', 'code_until' => now()->addDay()];
        $this->finisher->forceFill($given)->save();
        DB::table('sessions')->insert(['id' => 'before', 'payload' => '', 'last_activity' => time()]);
        CalendarFeed::query()->create(['kind' => 'shop', 'mark' => str_repeat('a', 64), 'made_by' => $this->owner->id,
            'at' => $this->now]);
        self::assertSame(0, Artisan::call('access:end'));
        self::assertSame([0, 0, 0], [
            DB::table('sessions')->count(), DeviceToken::query()->count(),
            CalendarFeed::query()->whereNull('withdrawn_at')->count(),
        ]);
        $person = $this->finisher->refresh();
        self::assertNotSame('before', $person->remember_token);
        self::assertNull($person->code);
        self::assertTrue($person->active);
    }

    private function tablet(): Tablet
    {
        return Tablet::query()->create(['name' => 'at the ovens', 'mark' => Tablet::hash('m'),
            'user_id' => $this->owner->id, 'at' => $this->now]);
    }

    /** @return array<string, string> */
    private function newPassword(string $email): array
    {
        return ['email' => $email, 'code' => 'AAAA-BBBB-CCCC', 'new_password' => self::FINE, 'again' => self::FINE];
    }
}
