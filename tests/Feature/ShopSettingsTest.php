<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\OvenEventKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Curing\Commands\RunOven;
use App\Curing\Commands\UpdateExpectedPull;
use App\Customers\Models\Customer;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\BatchEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Pages of their own, the shop's time, and what the database itself refuses. */
final class ShopSettingsTest extends ShopTestCase
{
    public function test_error_and_health_pages_are_the_app_s_own(): void
    {
        $this->get('/health')
            ->assertOk()
            ->assertHeader('Content-Type', 'text/plain; charset=UTF-8')
            ->assertSee('well');
        $lost = $this->actingAs($this->viewer)->get('/no-such-page')->assertNotFound();
        $lost->assertSee('Nothing hangs here')->assertDontSee('Laravel')->assertHeader('X-Frame-Options', 'DENY');
        $this->actingAs($this->viewer)->get('/shop')->assertForbidden()->assertSee('That is not yours to do');
        $this->actingAs($this->viewer)->get('/jobs/999999')->assertNotFound();
        $this->actingAs($this->viewer)->get('/up')->assertNotFound();
    }

    public function test_pages_are_not_kept_by_browsers_and_say_little_about_themselves(): void
    {
        $page = $this->actingAs($this->viewer)->get('/')->assertOk();
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
        self::assertFalse($page->headers->has('X-Powered-By'));
        $page->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('Referrer-Policy', 'same-origin');
    }

    public function test_times_are_the_shop_s_in_summer_and_winter(): void
    {
        self::assertSame('10:00', ShopClock::time($this->now));
        $summer = CarbonImmutable::parse('2026-07-01 08:00:00', 'UTC');
        self::assertSame('10:00', ShopClock::local($summer)->format('H:i'));
        self::assertSame('1 Jul 10:00', ShopClock::time($summer));
        // Late in the evening in London it is tomorrow in the shop.
        CarbonImmutable::setTestNow('2026-11-23 23:30:00');
        self::assertSame('2026-11-24', ShopClock::today()->toDateString());
        $late = $this->job(Station::Strip);
        $late->update(['due_on' => '2026-11-23']);
        $this->part($late);
        $this->actingAs($this->viewer)->get('/station/strip')->assertSee('1 late');
    }

    public function test_the_rail_shows_the_next_pull_and_what_is_still_hot(): void
    {
        $bake = $this->hang($this->part($this->job()));
        $this->actingAs($this->viewer)->get('/')->assertDontSee('is baking');
        (new RunOven())->shut($bake, $this->finisher);
        $this->actingAs($this->viewer)
            ->get('/')
            ->assertSee('Long oven')
            ->assertSee('is baking')
            ->assertSee('rail-clock', false);
        $expected = UpdateExpectedPull::of($bake->refresh());
        self::assertEqualsWithDelta($bake->minutes, $this->now->diffInMinutes($expected), 0.2);
        $this->later(14);
        (new RunOven())->log($bake, $this->finisher, OvenEventKind::Door, 120);
        self::assertTrue(UpdateExpectedPull::of($bake->refresh())->gt($expected), 'the rail follows what happened');
        $this->later(40);
        (new RunOven())->pull($bake->refresh(), $this->finisher);
        $this->actingAs($this->viewer)->get('/')->assertSee('hot until')->assertDontSee('is baking');
        $this->later(300);
        $this->actingAs($this->viewer)->get('/')->assertDontSee('hot until');
    }

    public function test_the_database_itself_refuses_what_cannot_be(): void
    {
        $job = $this->job();
        $part = $this->part($job);
        $refused = 0;
        foreach (
            [
                fn () => DB::table('parts')
                    ->where('id', $part->id)
                    ->update(['mass_kg' => -1]),
                fn () => DB::table('parts')
                    ->where('id', $part->id)
                    ->update(['view_factor' => 2]),
                fn () => DB::table('jobs')
                    ->where('id', $job->id)
                    ->update(['station' => 11]),
                fn () => DB::table('shops')->insert([
                    'id' => 2,
                    'name' => 'other',
                    'timezone' => 'UTC',
                    'currency' => 'CHF',
                    'kwh_price' => 1,
                ]),
                fn () => DB::table('cure_schedule_rows')->insert([
                    'powder_id' => $this->green->id,
                    'pmt_c' => 185,
                    'min_minutes' => 10,
                    'max_minutes' => 5,
                ]),
                fn () => DB::table('customers')->where('id', $job->customer_id)->delete(),
                fn () => DB::table('users')->where('id', $this->owner->id)->delete(),
                fn () => DB::table('ovens')
                    ->where('id', $this->oven->id)
                    ->update(['air_kj_per_k' => 0]),
            ] as $bad
        ) {
            try {
                DB::transaction($bad);
            } catch (\Illuminate\Database\QueryException) {
                $refused++;
            }
        }
        self::assertSame(8, $refused);
        self::assertSame(1, Customer::query()->count());
        self::assertGreaterThan(0, BatchEvent::query()->count());
    }

    public function test_how_a_person_likes_to_read_is_kept_and_nonsense_refused(): void
    {
        $this->send(
            '/me',
            ['unit_system' => 'us', 'theme' => 'dark'],
            $this->viewer,
            'PUT',
        )->assertSessionHasNoErrors();
        $this->actingAs($this->viewer->refresh())
            ->get('/powders')
            ->assertSee('data-theme="dark"', false)
            ->assertSee('356 °F')
            ->assertSee('2.36 mil');
        $this->send(
            '/me',
            ['unit_system' => 'furlongs', 'theme' => 'dark'],
            $this->viewer,
            'PUT',
        )->assertSessionHasErrors('unit_system');
        $this->send(
            '/me',
            ['unit_system' => 'us', 'theme' => 'neon'],
            $this->viewer,
            'PUT',
        )->assertSessionHasErrors('theme');
    }

    public function test_people_come_and_go_by_the_owner_s_hand(): void
    {
        $this->send(
            '/people',
            ['name' => 'Nell', 'email' => 'NELL', 'role' => 'finisher', 'password' => 'long-enough-now'],
            $this->owner,
        )->assertSessionHasErrors('email');
        $this->send(
            '/people',
            [
                'name' => 'Nell',
                'email' => 'viewer@works.example',
                'role' => 'finisher',
                'password' => 'long-enough-now',
            ],
            $this->owner,
        )->assertSessionHasErrors('email');
        $this->send(
            "/people/{$this->finisher->id}",
            ['role' => 'finisher', 'active' => '0'],
            $this->owner,
            'PUT',
        )->assertSessionHasNoErrors();
        self::assertFalse($this->finisher->refresh()->active);
        $this->send(
            "/people/{$this->viewer->id}",
            ['role' => 'owner', 'active' => '1'],
            $this->owner,
            'PUT',
        )->assertSessionHasNoErrors();
        $this->send(
            "/people/{$this->owner->id}",
            ['role' => 'finisher', 'active' => '1'],
            $this->owner,
            'PUT',
        )->assertSessionHasNoErrors();
        self::assertSame(['owner'], User::query()->where('role', 'owner')->pluck('role')->all());
    }
}
