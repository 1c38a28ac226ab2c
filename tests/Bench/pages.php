<?php

declare(strict_types=1);

/*
 * Median time of each page and of each press at a station, as a multiple of a bare page: one with the frame of every
 * page and nothing of the shop in it. Bare page and page are asked in turn, so that both meet the same machine.
 *
 *   php tests/Bench/pages.php [http://127.0.0.1:8080]
 *
 * Run it with the demo shop up, started afresh. The presses write, and what they wrote stays. It prints and never
 * fails.
 */

const BARE = '/practice/refill';

/** A station page may take so many bare pages, a press at a station so many. */
const MOST = ['GET' => 3.0, 'POST' => 5.0];

const TIMES = 15;

$base = rtrim($argv[1] ?? 'http://127.0.0.1:8080', '/');
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$curl = curl_init();
curl_setopt_array($curl, [
    CURLOPT_RETURNTRANSFER => true,
    CURLOPT_COOKIEJAR => $jar,
    CURLOPT_COOKIEFILE => $jar,
]);

/** @return array{float, int, string} ms, code, body */
$ask = function (string $path, ?array $form = null) use ($curl, $base): array {
    curl_setopt_array($curl, [CURLOPT_URL => $base.$path] + ($form === null
        ? [CURLOPT_HTTPGET => true]
        : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($form)]));
    $start = hrtime(true);
    $body = (string) curl_exec($curl);

    return [(hrtime(true) - $start) / 1e6, (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $body];
};
$token = function (string $path) use ($ask): string {
    preg_match('/name="_token" value="([^"]+)"/', $ask($path)[2], $found);

    return $found[1] ?? '';
};
$median = function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)] ?? 0.0;
};
$row = function (string $what, array $codes, array $bare, array $times, float $most) use ($median): void {
    $codes = implode(' ', array_unique($codes));
    [$one, $other] = [$median($bare), $median($times)];
    $mark = $other > $most * $one ? '  over' : '';
    printf("%-44s %-8s %7.1f %7.1f %6.1f × of %.0f%s\n", $what, $codes, $one, $other, $other / $one, $most, $mark);
};

$ask('/sign-in', [
    '_token' => $token('/sign-in'),
    'email' => 'mara@lakeside-coating.example',
    'password' => 'lantern-on-the-pier',
]);

$stations = [
    'intake', 'strip', 'blast', 'bake-out', 'wash', 'mask-and-hang', 'coat', 'cure', 'inspect', 'release',
];
$pages = [
    ...array_map(fn (string $one): string => "/station/{$one}", $stations),
    '/', '/parts/58/route', '/parts/58/bench', '/parts/58/pins', '/jobs/19', '/jobs/19/record', '/jobs/22/card',
    '/jobs/create', '/bakes/2', '/bakes/3', '/bakes/4', '/bakes/3/board', '/day', '/powders', '/powders/1/edit',
    '/ovens/1/edit', '/shop', '/people', '/library', '/metal', '/find?q=lantern',
];
printf("%-44s %-8s %7s %7s\n", 'page', 'code', 'bare ms', 'ms');
foreach ($pages as $page) {
    $bare = $times = $codes = [];
    for ($n = 0; $n < TIMES; $n++) {
        [$bare[]] = $ask(BARE);
        [$times[], $codes[]] = $ask($page);
    }
    $row($page, $codes, $bare, $times, MOST['GET']);
}

/** The forms of a page that a press sends: action => fields as they stand there. */
$forms = function (string $page, string $action) use ($ask): array {
    $dom = new DOMDocument;
    @$dom->loadHTML('<?xml encoding="utf-8"?>'.$ask($page)[2]);
    $found = [];
    foreach ($dom->getElementsByTagName('form') as $form) {
        if (preg_match("~^{$action}$~", $form->getAttribute('action')) === 1) {
            $fields = [];
            foreach ($form->getElementsByTagName('input') as $input) {
                $isOff = in_array($input->getAttribute('type'), ['checkbox', 'radio'], true)
                    && ! $input->hasAttribute('checked');
                $isOff ?: $fields[$input->getAttribute('name')] = $input->getAttribute('value');
            }
            $found[$form->getAttribute('action')] ??= $fields;
        }
    }

    return $found;
};

/** Presses that may be pressed again and again: page, form, what is typed. */
$presses = [
    ['/station/blast', '/air', ['air' => '19', 'rh' => '48']],
    ['/station/mask-and-hang', '/batches/\d+/ground', ['ohm' => '120', 'unit' => '1000', 'volts' => '500']],
    ['/station/blast', '/batches/\d+/metal-temperature', ['metal' => '21']],
    ['/station/coat', '/batches/\d+/metal-temperature', ['metal' => '22']],
    ['/station/blast', '/batches/\d+/blasted', ['minutes' => '14', 'kind' => 'blast']],
    ['/station/inspect', '/coats/\d+/solvent-rub', ['rating' => '5', 'rubs' => '50']],
    ['/station/strip', '/batches/\d+/tick', []],
    ['/station/wash', '/batches/\d+/tick', []],
    ['/station/blast', '/batches/\d+/send', []],
    ['/station/inspect', '/batches/\d+/inspection-checks', []],
];
printf("\n%-44s %-8s %7s %7s\n", 'press', 'code', 'bare ms', 'ms');
foreach ($presses as [$page, $action, $typed]) {
    $bare = $times = $codes = [];
    for ($n = 0; $n < 7; $n++) {
        $all = $forms($page, $action);
        if ($all === []) {
            break;
        }
        $to = (string) array_key_first($all);
        [$bare[]] = $ask(BARE);
        [$times[], $codes[]] = $ask($to, $typed + $all[$to] + ['_once' => bin2hex(random_bytes(16))]);
    }
    $name = preg_replace('/\\\\d\+/', 'N', $action);
    $times === []
        ? printf("%-44s not on %s\n", $name, $page)
        : $row("{$name} from {$page}", $codes, $bare, $times, MOST['POST']);
}
unlink($jar);
