<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Models\User;
use App\DeviceApi\DeviceEndpoint;
use App\Platform\Http\Controllers\LegacyPathController;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Nobody in who should not be, and nothing on a page that should not be. */
final class AccessTest extends ShopTestCase
{
    /** @return list<OneRoute> all but those of the device API, which DeviceApiTest tries */
    private function routes(): array
    {
        return array_values(
            array_filter(
                Route::getRoutes()->getRoutes(),
                fn (OneRoute $r): bool => ! str_starts_with($r->uri(), '_') &&
                    $r->uri() !== 'storage/{path}' &&
                    ! str_starts_with($r->uri(), 'api/') &&
                    ltrim($r->getActionName(), '\\') !== LegacyPathController::class &&
                    $r->uri() !== 'up',
            ),
        );
    }

    public function test_paths_of_earlier_releases_lead_to_those_of_now_with_their_method(): void
    {
        foreach ([
            ['GET', '/lots/7/leave', '/batches/7/leave'],
            ['POST', '/lots/7/looks/all', '/batches/7/inspection-checks/all'],
            ['GET', '/lots/7/faults/create', '/batches/7/defects/create'],
            ['POST', '/faults/3/mend', '/defects/3/disposition'],
            ['POST', '/faults/3/lies-on', '/defects/3/batch'],
            ['GET', '/faults?page=2', '/defects?page=2'],
            ['POST', '/colour-changes', '/color-changes'],
            ['POST', '/coats/4/colour', '/coats/4/color'],
            ['POST', '/powders/4/masters', '/powders/4/color-standards'],
            ['GET', '/jobs/4/trail', '/jobs/4/history'],
            ['GET', '/devices/door', '/devices/api'],
        ] as [$method, $then, $now]) {
            $answer = $this->call($method, $then)->assertStatus(308);
            self::assertStringEndsWith($now, (string) $answer->headers->get('Location'));
        }
        $this->get('/lots/7/..%2f..%2fetc')->assertNotFound();
    }

    public function test_every_form_and_link_of_a_view_leads_to_a_route_of_now(): void
    {
        $seen = $nowhere = [];
        foreach (File::allFiles(resource_path('views')) as $view) {
            $pattern = '~ (action|href|hx-get|hx-post)="(/[^"?#]*)~';
            preg_match_all($pattern, $view->getContents(), $found, PREG_SET_ORDER);
            foreach ($found as [, $is, $path]) {
                $seen[$path] = $is;
            }
        }
        foreach ($seen as $path => $is) {
            if (preg_match('~^/(build/|favicon|manifest|parts/\{\{[^}]*\}\}/\{\{)|\{\{[^}]*$~', $path) === 0) {
                $this->leadsSomewhere($path, $is) ? null : $nowhere[] = $path;
            }
        }
        self::assertSame([], $nowhere);
        self::assertGreaterThan(150, count($seen));
    }

    private function leadsSomewhere(string $path, string $is): bool
    {
        foreach (['1', 'edges', 'strip'] as $value) {
            foreach ($is === 'action' ? ['POST', 'PUT', 'GET'] : ['GET', 'POST'] as $method) {
                try {
                    $at = Request::create((string) preg_replace('~\{\{.*?\}\}~', $value, $path), $method);
                    if (Route::getRoutes()->match($at)->getActionName() !== LegacyPathController::class) {
                        return true;
                    }
                } catch (HttpExceptionInterface) {
                    continue;
                }
            }
        }

        return false;
    }

    private function path(OneRoute $route): string
    {
        $words = ['exercise' => 'mixture', 'drill' => 'edges', 'station' => 'blast'];

        return '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $found): string => $words[$found[1]] ?? '1',
            $route->uri(),
        );
    }

    public function test_every_page_but_the_device_api_asks_for_a_sign_in(): void
    {
        $open = ['sign-in', 'sign-in/code', 'tablet', 'first-run', 'trust', 'trust/certificate', 'health', 'r/{secret}',
            'r/{secret}/record.pdf', 'calendar/{secret}.ics', 'here'];
        $asked = 0;
        foreach ($this->routes() as $route) {
            if (! in_array($route->uri(), $open, true)) {
                $this->call($route->methods()[0], $this->path($route))->assertRedirect('/sign-in');
                $asked++;
            }
        }
        self::assertGreaterThan(45, $asked);
    }

    public function test_everything_that_writes_asks_for_a_right_and_a_csrf_token(): void
    {
        $own = ['sign-in', 'sign-in/code', 'tablet', 'first-run', 'sign-out', 'me', 'me/password', 'me/pin',
            'me/sessions/end', 'devices', 'devices/{device}/withdraw'];
        foreach ($this->routes() as $route) {
            if ($route->methods()[0] === 'GET') {
                continue;
            }
            $middleware = $route->gatherMiddleware();
            self::assertContains('web', $middleware, $route->uri());
            if (! in_array($route->uri(), $own, true)) {
                self::assertNotEmpty(
                    array_filter($middleware, fn (string $m): bool => str_starts_with($m, 'can:')),
                    $route->uri(),
                );
            }
        }
        self::assertContains(ValidateCsrfToken::class, app(Kernel::class)->getMiddlewareGroups()['web']);
    }

    public function test_the_device_api_opens_to_tokens_alone(): void
    {
        $door = array_filter(
            Route::getRoutes()->getRoutes(),
            fn (OneRoute $r): bool => str_starts_with($r->uri(), 'api/'),
        );
        self::assertCount(count(DeviceEndpoint::cases()), $door);
        foreach ($door as $route) {
            $path = (string) preg_replace('/{\w+}/', '1', $route->uri());
            // A person's own sign-in is none there either.
            $asked = $this->actingAs($this->owner)->call($route->methods()[0], $path, [], [], [], [], '{}');
            self::assertSame(401, $asked->getStatusCode(), $route->uri());
        }
    }

    public function test_a_viewer_changes_nothing_and_a_finisher_does_not_manage(): void
    {
        $this->hang($this->part($this->job()));
        foreach ($this->routes() as $route) {
            $rights = array_filter($route->gatherMiddleware(), fn (string $m): bool => str_starts_with($m, 'can:'));
            if ($rights === []) {
                continue;
            }
            $person = in_array('can:manage', $rights, true) ? $this->finisher : $this->viewer;
            $status = $this->actingAs($person)->call($route->methods()[0], $this->path($route))->getStatusCode();
            self::assertContains($status, [403, 404], $route->uri());
        }
    }

    public function test_signing_in_is_slowed_down_and_a_retired_person_stays_out(): void
    {
        $this->post('/sign-in', [
            'email' => 'finisher@works.example',
            'password' => 'a-long-password',
        ])->assertRedirect('/');
        $this->actingAs($this->finisher)->post('/sign-out')->assertRedirect('/sign-in');
        for ($n = 0; $n < 9; $n++) {
            $this->post('/sign-in', [
                'email' => 'finisher@works.example',
                'password' => 'a-long-password',
            ])->assertRedirect('/');
            $this->actingAs($this->finisher)->post('/sign-out');
        }
        $this->finisher->update(['active' => false]);
        $this->post('/sign-in', [
            'email' => 'finisher@works.example',
            'password' => 'a-long-password',
        ])->assertSessionHasErrors('email');
        for ($n = 0; $n < 6; $n++) {
            $this->post('/sign-in', ['email' => 'owner@works.example', 'password' => 'wrong']);
        }
        $this->post('/sign-in', ['email' => 'owner@works.example', 'password' => 'a-long-password'])->assertStatus(
            429,
        );
        self::assertNotSame('a-long-password', User::query()->findOrFail($this->owner->id)->getAuthPassword());
    }

    public function test_a_person_retired_while_signed_in_is_put_out(): void
    {
        $this->post('/sign-in', ['email' => $this->finisher->email, 'password' => 'a-long-password']);
        $this->app['auth']->forgetGuards();
        $this->get('/')->assertOk();
        $this->finisher->update(['active' => false]);
        $this->app['auth']->forgetGuards();
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function test_what_people_type_comes_out_escaped(): void
    {
        $job = $this->job(title: '<script>alert(1)</script>');
        $this->part($job, '"><img src=x>');
        $html = (string) $this->actingAs($this->owner)
            ->get("/jobs/{$job->id}")
            ->assertOk()
            ->getContent();
        self::assertStringNotContainsString('<script>alert', $html);
        self::assertStringNotContainsString('<img src=x', $html);
    }
}
