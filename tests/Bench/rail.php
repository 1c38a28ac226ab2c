<?php

declare(strict_types=1);

/**
 * Forty jobs in two hundred lots on the rail, beside the shop as it is: pages' times and queries, before and after, as
 * ratios. Run on a demo shop: php tests/Bench/rail.php. Everything it adds is taken back at the end.
 */

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$app->instance('request', Request::create('/'));
$kernel->bootstrap();

$pages = ['/', '/station/blast', '/station/coat', '/station/cure', '/station/inspect'];

/** @return array<string, array{float, int}> page => [median ms, queries] */
function look(array $pages, Kernel $kernel, $app): array
{
    $of = [];
    foreach ($pages as $page) {
        $times = [];
        for ($n = 0; $n < 5; $n++) {
            $queries = 0;
            DB::flushQueryLog();
            DB::enableQueryLog();
            \Illuminate\Support\Once::flush();
            $app['auth']->guard()->setUser(User::query()->firstOrFail());
            $from = hrtime(true);
            $answer = $kernel->handle(Request::create($page));
            $times[] = (hrtime(true) - $from) / 1e6;
            $queries = count(DB::getQueryLog());
            if ($answer->getStatusCode() !== 200) {
                exit("{$page} answers {$answer->getStatusCode()}\n");
            }
        }
        sort($times);
        $of[$page] = [$times[2], $queries];
    }

    return $of;
}

$before = look($pages, $kernel, $app);
DB::beginTransaction();
$like = Part::query()->whereHas('coats')->firstOrFail();
$stations = Station::cases();
for ($j = 0; $j < 40; $j++) {
    $job = $like->job->replicate();
    $job->fill(['number' => 5000 + $j, 'title' => "Bollard caps {$j}", 'status' => 'open']);
    $job->save();
    $part = $like->replicate()->fill(['job_id' => $job->id, 'count' => 50]);
    $part->save();
    foreach ($like->coats as $coat) {
        $coat->replicate()->fill(['part_id' => $part->id])->save();
    }
    for ($l = 1; $l <= 5; $l++) {
        Batch::query()->create([
            'part_id' => $part->id, 'number' => $l, 'name' => "cart {$l}", 'count' => 10,
            'station' => $stations[($j + $l) % count($stations)], 'born_at' => now(),
        ]);
    }
}
$after = look($pages, $kernel, $app);
if (($argv[1] ?? '') === 'keep') {
    DB::commit();
} else {
    DB::rollBack();
}
foreach ($pages as $page) {
    printf(
        "%-18s %5.0f ms %3d queries   with 200 lots %5.0f ms %3d queries   ratio %.1f\n",
        $page, ...[...$before[$page], ...$after[$page], $after[$page][0] / $before[$page][0]],
    );
}
