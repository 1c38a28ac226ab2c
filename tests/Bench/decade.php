<?php

declare(strict_types=1);

/**
 * Ten years of a busy shop behind the demo's day, and every page of the daily work on it.
 *
 * On an install of its own: AENUM_VAR=var-decade ./start, then with the same AENUM_VAR
 *   php tests/Bench/decade.php seed [SHARE]   lays 100 000 jobs, 60 000 bakes, 2 million readings (or a share of it)
 *   php tests/Bench/decade.php table          median ms, queries and rows examined of each page, as a table
 */

use App\Accounts\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$app->instance('request', Request::create('/'));
$kernel->bootstrap();

const FIRST = 1_000_000;

/** A share of 1 is 100 000 jobs and 60 000 bakes. */
function seed(float $share): void
{
    $numbers = [
        '$jobs' => (string) (int) (100_000 * $share),
        '$bakes' => (string) (int) (60_000 * $share),
        '$user' => (string) DB::table('users')->where('role', 'finisher')->value('id'),
        '$oven' => (string) DB::table('ovens')->min('id'),
        '$powder' => (string) DB::table('powders')->min('id'),
    ];
    $sql = strtr((string) preg_replace('/^--.*$/m', '', (string) file_get_contents(__DIR__.'/decade.sql')), $numbers);
    foreach (array_filter(array_map(trim(...), preg_split('/;\s*$/m', $sql) ?: [])) as $one) {
        $from = microtime(true);
        $rows = str_starts_with($one, 'ANALYZE') ? count(DB::select($one)) : DB::affectingStatement($one);
        printf("%-60s %9d rows %6.1f s\n", substr((string) strtok($one, "\n"), 0, 60), $rows, microtime(true) - $from);
    }
}

/** @return list<string> the pages of the daily work, on what hangs today and on one job of long ago */
function pages(): array
{
    $running = DB::table('oven_loads')->where('status', 'running')->where('kind', 'cure')->value('id');
    $planned = DB::table('oven_loads')->where('status', 'planned')->where('kind', 'cure')->value('id');
    $part = DB::table('coats')->min('part_id');
    $job = DB::table('parts')->where('id', $part)->value('job_id');
    $old = FIRST + 70;

    return [
        '/', '/station/intake', '/station/strip', '/station/blast', '/station/bake-out', '/station/wash',
        '/station/mask-and-hang', '/station/coat', '/station/cure', '/station/inspect', '/station/release',
        "/jobs/{$job}", "/jobs/{$job}/record", "/jobs/{$job}/card", "/jobs/{$job}/history",
        "/jobs/{$old}", "/jobs/{$old}/record",
        '/jobs/create', "/parts/{$part}/edit", "/parts/{$part}/route", "/parts/{$part}/bench", "/parts/{$part}/pins",
        "/bakes/{$running}", "/bakes/{$running}/board", "/bakes/{$planned}", '/bakes/'.(FIRST + 81),
        '/powders', '/ovens', '/library', '/practice', '/rules', '/shop', '/people',
        '/find?q=railing', '/find?q=landing+stage', '/find?q=205000', '/find?q=promenadde',
    ];
}

function examined(): int
{
    $rows = DB::select("SHOW SESSION STATUS WHERE Variable_name LIKE 'Handler_read%'");

    return (int) array_sum(array_map(fn (object $row): int => (int) $row->Value, $rows));
}

/** A browser signed in as the owner: the median of seven looks at a page, ms. */
function browser(): Closure
{
    $port = env('AENUM_PORT');
    $curl = curl_init();
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '']);
    $get = function (string $path) use ($curl, $port): string {
        curl_setopt_array($curl, [CURLOPT_URL => "http://127.0.0.1:{$port}{$path}", CURLOPT_HTTPGET => true]);

        return (string) curl_exec($curl);
    };
    preg_match('/name="_token" value="([^"]+)"/', $get('/sign-in'), $token);
    curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
        '_token' => $token[1],
        'email' => 'mara@lakeside-coating.example',
        'password' => 'lantern-on-the-pier',
    ])]);
    curl_exec($curl);

    return function (string $page) use ($get, $curl): array {
        $times = [];
        for ($n = 0; $n < 8; $n++) {
            $from = hrtime(true);
            $get($page);
            $times[] = (hrtime(true) - $from) / 1e6;
        }
        array_shift($times);
        sort($times);

        return [$times[3], curl_getinfo($curl, CURLINFO_RESPONSE_CODE)];
    };
}

function table(Kernel $kernel, $app): void
{
    DB::disconnect();
    config(['database.connections.mariadb.options' => []]);
    $look = browser();
    printf("%-28s %8s %8s %10s\n", 'page', 'ms', 'queries', 'rows');
    $slow = 0;
    foreach (pages() as $page) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        \Illuminate\Support\Once::flush();
        $app['auth']->guard()->setUser(User::query()->where('role', 'owner')->firstOrFail());
        $before = examined();
        $kernel->handle(Request::create($page));
        $rows = examined() - $before;
        [$ms, $status] = $look($page);
        $slow += (int) ($ms > (str_starts_with($page, '/find') ? 100 : 60));
        $says = $status === 200 ? '' : " answers {$status}";
        printf("%-28s %8.1f %8d %10d%s\n", $page, $ms, count(DB::getQueryLog()) - 2, $rows, $says);
    }
    echo "slower than wanted: {$slow}\n";
}

match ($argv[1] ?? '') {
    'seed' => seed((float) ($argv[2] ?? 1)),
    'table' => table($kernel, $app),
    default => exit("seed or table\n"),
};
