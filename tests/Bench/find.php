<?php

declare(strict_types=1);

/*
 * Finding among 50 000 jobs, as a share of the 100 ms it may take. Uses the database of the feature tests inside a
 * transaction that is rolled back. Run: php tests/Bench/find.php [jobs]
 */

use App\Intake\Queries\JobSearch;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

putenv('DB_DATABASE=aenum_test');
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = 'aenum_test';
require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate:fresh', ['--force' => true]);

$jobs = (int) ($argv[1] ?? 50000);
mt_srand(3);
$things = [
    'bench',
    'lantern',
    'railing',
    'bollard',
    'bracket',
    'bandstand',
    'liner',
    'cleat',
    'vane',
    'handrail',
    'finial',
    'column',
    'gate',
    'hinge',
    'sign',
];
$places = [
    'promenade',
    'quay',
    'mole',
    'bridge',
    'harbour',
    'chapel',
    'boathouse',
    'lane',
    'square',
    'steps',
    'slipway',
    'landing',
];
DB::beginTransaction();
DB::table('users')->insert([
    'id' => 1,
    'name' => 'x',
    'email' => 'x@x.example',
    'password' => 'x',
    'role' => 'owner',
]);
foreach (range(1, 400) as $n) {
    DB::table('customers')->insert(['id' => $n, 'name' => "{$places[$n % 12]} society {$n}"]);
}
$words = [];
$id = function (string $word) use (&$words): int {
    return $words[$word] ??= count($words) + 1;
};
foreach (array_chunk(range(1, $jobs), 2000) as $chunk) {
    $rows = $links = [];
    $before = count($words);
    foreach ($chunk as $n) {
        $own = 'w'.base_convert((string) mt_rand(0, 8000), 10, 36);
        $title = "{$things[mt_rand(0, 14)]} {$things[mt_rand(0, 14)]} {$places[mt_rand(0, 11)]} {$own}";
        $rows[] = [
            'id' => $n,
            'number' => 1000 + $n,
            'customer_id' => ($n % 400) + 1,
            'title' => $title,
            'status' => $n % 10 ? 'released' : 'open',
            'created_by' => 1,
        ];
        foreach (
            array_unique([
                ...explode(' ', $title),
                (string) (1000 + $n),
                'society',
                'green',
                'texture',
                'lot',
                '26'.$n % 500,
            ]) as $word
        ) {
            $links[] = ['word_id' => $id($word), 'job_id' => $n];
        }
    }
    DB::table('jobs')->insert($rows);
    foreach (array_chunk(array_slice($words, $before, null, true), 4000, true) as $some) {
        DB::table('words')->insert(
            array_map(
                fn (string|int $w, int $i): array => ['id' => $i, 'word' => (string) $w],
                array_keys($some),
                $some,
            ),
        );
    }
    foreach (array_chunk($links, 4000) as $some) {
        DB::table('job_words')->insert($some);
    }
}
printf(
    "%d jobs, %d words, %d links\n%-26s %6s %10s %10s\n",
    $jobs,
    count($words),
    DB::table('job_words')->count(),
    'asked',
    'found',
    'median ms',
    'of 100 ms',
);
foreach (
    [
        '31042',
        'lantern quay',
        'lanten',
        'brackte harbor',
        'society',
        'green texture bench',
        'bandstnad promenade',
        'wx4',
        'nothing at all',
    ] as $asked
) {
    $times = [];
    for ($n = 0; $n < 9; $n++) {
        $start = hrtime(true);
        $found = JobSearch::asked($asked)['jobs']->count();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("%-26s %6d %10.1f %9.0f%%\n", $asked, $found, $times[4], $times[4]);
}
DB::rollBack();
