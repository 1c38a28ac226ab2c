<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Accounts\FirstRun;
use App\Models\Mask;
use App\Models\Shop;
use App\Models\Tablet;
use App\Models\User;
use App\Rules\GoodPassword;
use App\Support\DemoSignIns;
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
        $rule = new GoodPassword(['Finisher', 'finisher@works.example', 'Test works']);
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
        $code = FirstRun::code();
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
        self::assertFalse(FirstRun::fits($code), 'the code is used');
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
}
