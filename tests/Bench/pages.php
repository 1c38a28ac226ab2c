<?php

declare(strict_types=1);

/*
 * Median time of each page on the demo data, as a share of the 60 ms it may take, over HTTP from this machine.
 * Run with the demo shop up: php tests/Bench/pages.php [http://127.0.0.1:8080]. It prints and never fails.
 */

$base = rtrim($argv[1] ?? 'http://127.0.0.1:8080', '/');
$jar = tempnam(sys_get_temp_dir(), 'jar');
$curl = curl_init();
curl_setopt_array($curl, [
    CURLOPT_RETURNTRANSFER => true,
    CURLOPT_COOKIEJAR => $jar,
    CURLOPT_COOKIEFILE => $jar,
    CURLOPT_FOLLOWLOCATION => true,
]);

$get = function (string $path) use ($curl, $base): array {
    curl_setopt_array($curl, [CURLOPT_URL => $base.$path, CURLOPT_HTTPGET => true]);
    $start = hrtime(true);
    $body = (string) curl_exec($curl);

    return [(hrtime(true) - $start) / 1e6, curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $body];
};
[, , $form] = $get('/sign-in');
preg_match('/name="_token" value="([^"]+)"/', $form, $token);
curl_setopt_array($curl, [
    CURLOPT_URL => $base.'/sign-in',
    CURLOPT_POST => true,
    CURLOPT_POSTFIELDS => http_build_query([
        '_token' => $token[1] ?? '',
        'email' => 'mara@lakeside-coating.example',
        'password' => 'lantern-on-the-pier',
    ]),
]);
curl_exec($curl);

$pages = [
    '/',
    '/station/intake',
    '/station/strip',
    '/station/blast',
    '/station/bake-out',
    '/station/wash',
    '/station/mask-and-hang',
    '/station/coat',
    '/station/cure',
    '/parts/58/route',
    '/parts/58/bench',
    '/parts/58/pins',
    '/jobs/22/card',
    '/library',
    '/practice/refill',
    '/metal',
    '/jobs/19',
    '/jobs/19/record',
    '/jobs/create',
    '/bakes/2',
    '/bakes/3',
    '/bakes/4',
    '/bakes/3/board',
    '/powders',
    '/powders/1/edit',
    '/ovens',
    '/ovens/1/edit',
    '/shop',
    '/people',
    '/find?q=lantern',
];
printf("%-18s %6s %10s %10s\n", 'page', 'code', 'median ms', 'of 60 ms');
foreach ($pages as $page) {
    $times = [];
    for ($n = 0; $n < 21; $n++) {
        [$times[], $code] = $get($page);
    }
    sort($times);
    printf("%-18s %6d %10.1f %9.0f%%\n", $page, $code, $times[10], (100 * $times[10]) / 60);
}
unlink($jar);
