<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Customers\Models\Customer;
use App\Intake\Commands\StorePicture;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Backup\Backups;
use App\Platform\Errors\ErrorPages;
use App\Platform\Errors\Refused;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use RuntimeException;

/** Odd bytes, foreign hosts, forms cut short, a full disk, a database away: said in words, nothing half done. */
final class HardToBreakTest extends ShopTestCase
{
    public function test_text_that_is_no_text_is_refused_by_name(): void
    {
        $part = $this->part($this->job());
        foreach (["a\0b", "\xC3\x28", "\xED\xA0\x80"] as $bad) {
            $this->send('/jobs', ['customer' => 'Ferry club', 'title' => $bad])
                ->assertSessionHasErrors([
                    'title' => 'Title holds signs that are no text; allowed: letters, figures and marks.',
                ]);
            $this->send("/parts/{$part->id}/ways", ['ways' => ['between' => $bad]])->assertSessionHasErrors('ways');
            $this->send('/jobs', ['customer' => 'Ferry club', 'title' => 'x', $bad => 'y'])
                ->assertSessionHasErrors('form');
        }
        self::assertSame(1, Job::query()->count(), 'no job but the one there was');
        foreach (['/%00', '/jobs/%00', '/station/%ff', '/parts/%C3%28/pins'] as $path) {
            $said = $this->actingAs($this->owner)->get($path)->assertSee('To the rail');
            self::assertContains($said->status(), [400, 404], $path);
        }
        $this->get('/find?q=%00&x[%ff]=1')->assertOk();
        $this->withUnencryptedCookie('aenum_session', "\xff\0")->get('/')->assertOk();
    }

    public function test_a_foreign_host_or_page_leads_nowhere(): void
    {
        config(['app.hosts' => ['localhost'], 'app.env' => 'production']);
        $this->app['env'] = 'production';
        $this->beforeApplicationDestroyed(fn () => Request::setTrustedHosts([]));
        $this->get('http://elsewhere.example/sign-in')->assertStatus(400)
            ->assertSee('does not answer by that name or address');
        $this->app['env'] = 'testing';
        $sent = $this->actingAs($this->finisher)
            ->post('/jobs', ['title' => ''], ['Referer' => 'http://elsewhere.example/trap']);
        self::assertStringNotContainsString('elsewhere', (string) $sent->headers->get('Location'));
    }

    public function test_what_dies_in_the_middle_leaves_nothing_and_may_be_sent_again(): void
    {
        $dies = true;
        Route::post('/dies', function () use (&$dies) {
            Customer::query()->create(['name' => 'Half done']);
            $dies ? throw new RuntimeException('power cut') : null;

            return redirect('/');
        })->middleware(['web', 'auth']);
        $form = ['_once' => (string) Str::uuid()];
        $this->actingAs($this->finisher)->post('/dies', $form)->assertStatus(500);
        self::assertSame(0, Customer::query()->count(), 'neither the work');
        self::assertSame(0, DB::table('idempotency_tokens')->count(), 'nor the token');
        $dies = false;
        $this->post('/dies', $form)->assertRedirect('/')->assertSessionMissing('said');
        $this->post('/dies', $form)->assertRedirect('/')->assertSessionHas('said');
        self::assertSame(1, Customer::query()->count());
    }

    public function test_two_that_stop_each_other_take_turns_unseen_and_a_long_wait_is_said(): void
    {
        $tries = 0;
        $number = 1213;
        Route::post('/meets', function () use (&$tries, &$number) {
            $tries++;
            $clash = new \PDOException('met another');
            $clash->errorInfo = ['40001', $number, ''];
            throw_if($tries < 3, new QueryException('mariadb', 'update', [], $clash));

            return redirect('/')->with('said', 'done');
        })->middleware(['web', 'auth']);
        $this->actingAs($this->finisher)->post('/meets', [])->assertRedirect('/')->assertSessionHas('said', 'done');
        self::assertSame(3, $tries);
        [$tries, $number] = [0, 1205];
        $this->post('/meets', [])->assertSessionHasErrors('form');
        self::assertSame(1, $tries);
        [$tries, $number] = [-40, 1213];
        $this->post('/meets', [])->assertStatus(500);
        self::assertSame(-20, $tries, 'twenty tries and no more');
    }

    public function test_faults_are_said_in_words(): void
    {
        config(['app.debug' => false]);
        $gone = new \PDOException('SQLSTATE[HY000] [2002] Connection refused', 2002);
        $page = ErrorPages::page(new QueryException('mariadb', 'select 1', [], $gone), request());
        self::assertSame(503, $page?->getStatusCode());
        self::assertStringContainsString('The database is not running', (string) $page->getContent());
        $full = ErrorPages::page(new RuntimeException('write: No space left on device'), request());
        self::assertSame(507, $full?->getStatusCode());
        foreach ([400, 401, 403, 404, 405, 409, 413, 419, 422, 429, 500, 503] as $status) {
            Route::get("/fault/{$status}", fn () => abort($status))->middleware('web');
            $said = $this->get("/fault/{$status}");
            $said->assertStatus($status)->assertSee('To the rail')->assertDontSee('vendor/');
        }
        $this->actingAs($this->owner)->get('/nowhere')->assertNotFound();
        auth()->logout();
        $this->get('/bakes/1/board', ['HX-Request' => 'true'])->assertStatus(401)
            ->assertHeader('HX-Redirect', '/sign-in');
    }

    public function test_health_says_whose_it_is_and_that_the_database_is_away(): void
    {
        config(['app.instance' => 'abc123']);
        $this->get('/health')->assertOk()->assertSee('well abc123');
        config(['database.connections.away' => ['port' => 1] + config('database.connections.mariadb')]);
        config(['database.default' => 'away']);
        $this->get('/health')->assertStatus(503)->assertSee('the database is not running abc123');
        config(['database.default' => 'mariadb']);
    }

    public function test_a_photo_cut_short_and_a_full_disk_leave_no_half_file(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $image = imagecreatetruecolor(400, 300);
        imagefilledellipse($image, 200, 150, 180, 120, 0xC0A040);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $upload = fn (string $bytes): array => [
            '_once' => (string) Str::uuid(),
            'photo' => UploadedFile::fake()->createWithContent('part.jpg', $bytes),
        ];
        $this->actingAs($this->finisher)->post("/parts/{$part->id}/pictures", $upload(substr($jpeg, 0, -2000)))
            ->assertSessionHasErrors(['photo' => 'Photo did not arrive whole; send it again.']);
        $disk = Storage::fake('local');
        $this->post("/parts/{$part->id}/pictures", $upload($jpeg))->assertSessionHasNoErrors();
        self::assertCount(1, $disk->allFiles());
        Storage::set('local', new class
        {
            public function put(string $name): never
            {
                throw UnableToWriteFile::atLocation($name, 'No space left on device');
            }

            public function delete(string $name): bool
            {
                return true;
            }
        });
        $this->post("/parts/{$part->id}/pictures", $upload($jpeg))->assertStatus(507)->assertSee('The disk is full');
        self::assertSame(1, $part->pictures()->count());
    }

    public function test_moments_are_kept_to_the_millisecond(): void
    {
        $this->later(0.00205);
        $this->send('/jobs', ['customer' => 'Ferry club', 'title' => 'gate']);
        self::assertSame('2026-11-23 09:00:00.123', DB::table('batch_events')->value('at'));
    }

    public function test_headers_and_cookies(): void
    {
        config(['session.secure' => true]);
        $page = $this->get('https://localhost/sign-in');
        $page->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY')
            ->assertHeader('Referrer-Policy', 'same-origin')->assertHeader('Strict-Transport-Security');
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        foreach ($page->headers->getCookies() as $cookie) {
            self::assertTrue($cookie->isSecure(), $cookie->getName());
            self::assertSame('lax', $cookie->getSameSite());
            self::assertSame($cookie->getName() !== 'XSRF-TOKEN', $cookie->isHttpOnly());
        }
        $this->get('http://localhost/sign-in')->assertHeaderMissing('Strict-Transport-Security');
    }

    public function test_no_page_asks_more_where_more_hangs(): void
    {
        $grow = function (int $jobs): void {
            foreach (range(1, $jobs) as $n) {
                $full = [Station::Intake, Station::Blast, Station::Coat, Station::Cure, Station::Inspect];
                foreach ($full as $station) {
                    $part = $this->part($this->job($station, "rail {$n}"), 'rail', 6, 0.8, 4, 'carbon_steel');
                    Batch::query()->create(['number' => 2, 'count' => 2] + array_diff_key(
                        $this->batch($part)->getAttributes(),
                        ['id' => 0],
                    ));
                }
            }
        };
        $pages = ['/', '/station/intake', '/station/blast', '/station/coat', '/station/cure', '/station/inspect',
            '/station/release', '/powders', '/people', '/library', '/find?q=rail'];
        $ask = function () use ($pages): array {
            $asked = [];
            foreach ($pages as $page) {
                DB::flushQueryLog();
                DB::enableQueryLog();
                $this->actingAs($this->owner)->get($page)->assertOk();
                $asked[$page] = count(DB::getQueryLog());
            }

            return $asked;
        };
        $grow(3);
        $few = $ask();
        $grow(6);
        foreach ($ask() as $page => $asked) {
            self::assertLessThanOrEqual($few[$page] + 2, $asked, $page);
        }
    }

    public function test_an_owner_is_told_when_the_last_backup_is_late(): void
    {
        $dir = sys_get_temp_dir().'/'.uniqid('aenum-backups-');
        mkdir($dir);
        config(['app.backups' => $dir]);
        self::assertNull(Backups::now()->last);
        Shop::query()->update(['created_at' => $this->now->subHours(Backups::LATE_H)]);
        self::assertFalse(Backups::now()->isLate(), 'a shop opened since the last night is not late');
        Shop::query()->update(['created_at' => $this->now->subHours(Backups::LATE_H)->subMinute()]);
        self::assertTrue(Backups::now()->isLate());
        $file = "{$dir}/aenum-20261121-220000.tar.gz";
        touch($file, $this->now->subHours(Backups::LATE_H)->getTimestamp());
        self::assertFalse(Backups::now()->isLate());
        $this->actingAs($this->owner)->get('/')->assertDontSee('last backup of this shop');
        touch($file, $this->now->subHours(Backups::LATE_H)->subMinute()->getTimestamp());
        self::assertTrue(Backups::now()->isLate());
        $this->actingAs($this->owner)->get('/')->assertSee('The last backup of this shop is from');
        $this->actingAs($this->finisher)->get('/')->assertDontSee('last backup of this shop');
        unlink($file);
        rmdir($dir);
    }

    public function test_only_a_post_is_another_verb_and_only_one_that_forms_use(): void
    {
        $job = $this->job(Station::Intake);
        $sent = fn (string $method, array $fields, array $headers = []): int => $this->actingAs($this->finisher)
            ->call($method, "/jobs/{$job->id}", $fields, server: $headers)->getStatusCode();
        $fields = ['title' => 'Bench ends', 'customer' => 'Harbour'];
        self::assertSame(302, $sent('POST', $fields + ['_method' => 'put']));
        self::assertSame(200, $sent('GET', ['_method' => 'DELETE']));
        foreach (['GET', 'HEAD', 'TRACE', 'CONNECT', 'BREW', 'p u t', '<put>'] as $verb) {
            self::assertSame(405, $sent('POST', $fields + ['_method' => $verb]), $verb);
            self::assertSame(405, $sent('POST', $fields, ['HTTP_X_HTTP_METHOD_OVERRIDE' => $verb]), $verb);
        }
        self::assertContains($sent('POST', $fields + ['_method' => ['PUT']]), [400, 405]);
    }

    public function test_every_number_in_an_address_is_a_number(): void
    {
        $words = ['exercise', 'drill', 'station', 'secret', 'moved', 'rest'];
        foreach (Route::getRoutes() as $route) {
            foreach (array_diff($route->parameterNames(), $words) as $name) {
                self::assertSame('[0-9]{1,9}', $route->wheres[$name] ?? null, "{$route->uri()}: {$name}");
            }
        }
        foreach (['/parts/abc/route', '/parts/1e3/route', '/ovens/-1/edit', '/parts/9999999999/bench'] as $path) {
            $this->actingAs($this->owner)->get($path)->assertNotFound();
        }
    }

    public function test_names_and_texts_of_any_length_come_back_short(): void
    {
        $long = str_repeat('n', 100_000);
        $this->send('/jobs', [$long => ['a list']])->assertSessionHasErrors();
        $text = ['title' => str_repeat('t', 400_000), 'customer' => 'Harbour'];
        $this->send('/jobs', $text)->assertSessionHasErrors('title');
        self::assertLessThan(20_000, strlen(serialize(session()->all())));
        self::assertSame(0, Job::query()->where('title', 'like', 'ttt%')->count());
    }

    public function test_a_log_that_cannot_be_written_breaks_no_page(): void
    {
        config(['logging.channels.single.path' => '/proc/nowhere/aenum.log']);
        app('log')->forgetChannel('log');
        app('log')->forgetChannel('single');
        Route::get('/breaks', fn () => throw new RuntimeException('broken'))->middleware('web');
        $this->withExceptionHandling()->get('/breaks')->assertStatus(500)->assertSee('Something broke');
        Log::error('nobody reads this');
    }

    public function test_a_database_that_stood_still_is_said_shortly_and_the_disk_is_looked_at(): void
    {
        foreach ([1205 => 'Somebody is writing there', 2006 => 'The database is not running'] as $number => $title) {
            $gone = new PDOException("SQLSTATE[HY000]: General error: {$number}");
            $gone->errorInfo = ['HY000', $number, ''];
            $page = ErrorPages::page(new QueryException('mariadb', 'select 1', [], $gone), request());
            self::assertSame(503, $page?->getStatusCode());
            self::assertStringContainsString($title, (string) $page->getContent());
            self::assertLessThan(4000, strlen((string) $page->getContent()));
        }
    }

    public function test_nginx_says_the_same_policy_as_the_app(): void
    {
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');
        foreach (['ops/nginx-headers.conf', 'resources/js/offline/sw.js'] as $file) {
            // A script has it in pieces.
            $text = preg_replace('/["\']\s*\+\s*["\']/', '', (string) file_get_contents(base_path($file)));
            self::assertStringContainsString($policy, (string) $text, $file);
        }
    }

    public function test_large_photos_are_decoded_one_at_a_time(): void
    {
        $part = $this->part($this->job());
        $image = imagecreatetruecolor(2400, 1800);
        $path = tempnam(sys_get_temp_dir(), 'photo').'.jpg';
        imagejpeg($image, $path, 20);
        $photo = new UploadedFile($path, 'p.jpg', 'image/jpeg', null, true);
        $keep = fn () => (new StorePicture(0.2))($part, $photo, $this->finisher);
        $other = fopen(storage_path('framework/decoding.lock'), 'c');
        self::assertIsResource($other);
        flock($other, LOCK_EX);
        try {
            $keep();
            self::fail('Two large photos were decoded at once.');
        } catch (Refused $e) {
            self::assertStringContainsString('wait for others', $e->getMessage());
        }
        flock($other, LOCK_UN);
        self::assertSame(1800, $keep()->width);
        self::assertTrue(flock($other, LOCK_EX | LOCK_NB), 'the turn is over when it is decoded');
    }
}
