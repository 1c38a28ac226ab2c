<?php

declare(strict_types=1);

/**
 * The end of a full test run: seconds and number of tests of each part, the ten slowest tests. Exits with 1 where a
 * part failed.
 *
 *   php scripts/test-table.php FOLDER SECONDS   FOLDER holds PART.result, PART.log, junit's PART.xml, browser.json
 */
[, $folder, $seconds] = $argv;

/** @return array<string, float> test => seconds, of a junit log */
function junit(string $file): array
{
    $tests = [];
    foreach (simplexml_load_file($file)?->xpath('//testcase') ?: [] as $case) {
        $class = substr((string) strrchr('\\'.$case['class'], '\\'), 1);
        $tests["{$class}::{$case['name']}"] = (float) $case['time'];
    }

    return $tests;
}

/** @return array<string, float> test => seconds, of Playwright's JSON report */
function playwright(string $file): array
{
    $tests = [];
    $walk = function (array $suite) use (&$walk, &$tests): void {
        foreach ($suite['specs'] ?? [] as $spec) {
            foreach ($spec['tests'] as $test) {
                foreach ($test['results'] as $result) {
                    if ($result['status'] !== 'skipped') {
                        $name = "{$spec['file']}: {$spec['title']}, {$test['projectName']}";
                        $tests[$name] = $result['duration'] / 1000;
                    }
                }
            }
        }
        array_map($walk, $suite['suites'] ?? []);
    };
    array_map($walk, json_decode((string) file_get_contents($file), true)['suites'] ?? []);

    return $tests;
}

$parts = $all = $failed = [];
foreach (glob("{$folder}/*.result") ?: [] as $file) {
    $part = basename($file, '.result');
    [$took, $status] = array_map(floatval(...), explode(' ', (string) file_get_contents($file)));
    $log = (string) @file_get_contents("{$folder}/{$part}.log");
    $tests = match (true) {
        is_file("{$folder}/{$part}.xml") => junit("{$folder}/{$part}.xml"),
        is_file("{$folder}/{$part}.json") => playwright("{$folder}/{$part}.json"),
        default => [],
    };
    // The other parts count their checks themselves.
    $counted = preg_match_all('/(\d+) (?:checks|files|figures)\b/', $log, $found) > 0 ? array_sum($found[1]) : null;
    $parts[$part] = [$took, $tests === [] ? $counted : count($tests)];
    $all += $tests;
    $failed = $status === 0.0 ? $failed : [...$failed, $part];
}
uasort($parts, fn (array $one, array $other): int => $other[0] <=> $one[0]);
arsort($all);

printf("\n%-10s %8s %8s\n", 'part', 'seconds', 'tests');
foreach ($parts as $part => [$took, $count]) {
    printf("%-10s %8.0f %8s%s\n", $part, $took, $count ?? '-', in_array($part, $failed, true) ? '  FAILED' : '');
}
printf("%-10s %8d %8d\n\nThe ten slowest tests\n", 'all', $seconds, array_sum(array_column($parts, 1)));
foreach (array_slice($all, 0, 10, true) as $test => $took) {
    printf("%6.1f s  %s\n", $took, $test);
}
echo $failed === [] ? "\nEverything passed.\n" : "\nFailed: ".implode(', ', $failed).".\n";
exit($failed === [] ? 0 : 1);
