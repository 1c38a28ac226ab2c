<?php

declare(strict_types=1);

namespace Tests\Core\Cli;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** bin/aenum as a stranger meets it: a process with a file and two streams. */
final class ConsoleTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    /** @return array{int, string, string} exit code, stdout, stderr */
    private static function aenum(array $words, string $stdin = ''): array
    {
        $process = proc_open(
            [self::ROOT.'/bin/aenum', ...$words],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        // A refusal may come before everything is read.
        @fwrite($pipes[0], $stdin);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }

    /** @return array<string, mixed> */
    private static function load(string $name = '02-mixed-load'): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../cases/{$name}.load.json"), true);
    }

    private static function with(string $path, mixed $value): string
    {
        $load = self::load();
        $at = &$load;
        $keys = explode('.', $path);
        $last = array_pop($keys);
        foreach ($keys as $key) {
            $at = &$at[$key];
        }
        if ($value === '__unset') {
            unset($at[$last]);
        } else {
            $at[$last] = $value;
        }

        return json_encode($load, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, array{string, string}> file, place */
    public static function refusals(): array
    {
        $load = self::load();
        $items = fn (array $items): string => json_encode(['items' => $items] + $load, JSON_THROW_ON_ERROR);
        $raw = fn (string $from, string $to): string => str_replace(
            $from,
            $to,
            json_encode($load, JSON_THROW_ON_ERROR),
        );

        return [
            'empty' => ['', 'the file'],
            'broken' => ['{"format":', 'the file'],
            'not an object' => ['[1,2]', 'the file'],
            'nul bytes' => ["\0\0\0", 'the file'],
            'not utf-8' => ["{\"format\":\"\xff\"}", 'the file'],
            'nested deep' => [str_repeat('[', 5000).str_repeat(']', 5000), 'the file'],
            '3 MB' => [json_encode(['note' => str_repeat('x', 3_000_000)]), 'the file'],
            'NaN' => [$raw('"heater_kw":36', '"heater_kw":NaN'), 'the file'],
            '1e400' => [$raw('"heater_kw":36', '"heater_kw":1e400'), 'oven.heater_kw'],
            'unknown key' => [self::with('oven.heater', 3), 'oven.heater'],
            'unknown key with a line break' => [self::with("oven.a\nb", 3), 'oven.a b'],
            'wrong format' => [self::with('format', 'aenum-load/2'), 'format'],
            'missing oven' => [self::with('oven', '__unset'), 'oven'],
            'missing mass' => [self::with('items.1.mass_kg', '__unset'), 'items[1].mass_kg'],
            'missing setpoint' => [self::with('oven.setpoint_c', '__unset'), 'oven.setpoint_c'],
            'missing minutes' => [self::with('run', '__unset'), 'run.minutes'],
            'text for a number' => [self::with('items.0.mass_kg', '34'), 'items[0].mass_kg'],
            'true for a number' => [self::with('items.0.mass_kg', true), 'items[0].mass_kg'],
            'null for a number' => [self::with('items.0.mass_kg', null), 'items[0].mass_kg'],
            'list for a number' => [self::with('items.0.mass_kg', [1]), 'items[0].mass_kg'],
            'negative' => [self::with('items.2.mass_kg', -3), 'items[2].mass_kg'],
            'zero area' => [self::with('items.2.area_m2', 0), 'items[2].area_m2'],
            'too heavy' => [self::with('items.2.mass_kg', 50001), 'items[2].mass_kg'],
            'count of none' => [self::with('items.0.count', 0), 'items[0].count'],
            'half a piece' => [self::with('items.0.count', 1.5), 'items[0].count'],
            'a huge count' => [self::with('items.0.count', 1e300), 'items[0].count'],
            'emissivity over 1' => [self::with('items.0.emissivity', 1.1), 'items[0].emissivity'],
            'unknown metal' => [self::with('items.0.material', 'unobtainium'), 'items[0].material'],
            'metal of no heat' => [
                self::with('items.0.material', ['cp_j_per_kgk' => [0]]),
                'items[0].material.cp_j_per_kgk',
            ],
            'metal going negative' => [
                self::with('items.0.material', ['cp_j_per_kgk' => [500, -1]]),
                'items[0].material.cp_j_per_kgk',
            ],
            'metal with no numbers' => [
                self::with('items.0.material', ['cp_j_per_kgk' => []]),
                'items[0].material.cp_j_per_kgk',
            ],
            'slab without k' => [
                self::with('items.0', [
                    'name' => 'a',
                    'mass_kg' => 1,
                    'area_m2' => 1,
                    'material' => ['cp_j_per_kgk' => [500]],
                    'slab' => ['half_mm' => 10],
                ]),
                'items[0].slab.k_w_per_mk',
            ],
            'slab of no depth' => [self::with('items.0.slab', ['half_mm' => 0]), 'items[0].slab.half_mm'],
            'no items' => [$items([]), 'items'],
            'items as an object' => [$items(['a' => 1]), 'items'],
            '501 items' => [
                $items(array_map(fn (int $n): array => ['name' => "n{$n}"] + $load['items'][0], range(1, 501))),
                'items',
            ],
            'a name twice' => [$items([$load['items'][0], $load['items'][0]]), 'items[1].name'],
            'a name of nothing' => [self::with('items.0.name', ''), 'items[0].name'],
            'a name of 201' => [self::with('items.0.name', str_repeat('é', 201)), 'items[0].name'],
            'minutes of a month' => [self::with('run.minutes', 40000), 'run.minutes'],
            'air below the cold' => [self::with('ambient_c', -41), 'ambient_c'],
            'hot start' => [self::with('oven.start_c', 701), 'oven.start_c'],
            'powder without rows' => [self::with('powder.rows', []), 'powder.rows'],
            'powder of 21 rows' => [
                self::with('powder.rows', array_fill(0, 21, ['pmt_c' => 180, 'min' => 5])),
                'powder.rows',
            ],
            'powder rows alike' => [
                self::with('powder.rows', [['pmt_c' => 180, 'min' => 5], ['pmt_c' => 180, 'min' => 4]]),
                'powder.rows[1].pmt_c',
            ],
            'hotter takes longer' => [
                self::with('powder.rows', [['pmt_c' => 180, 'min' => 5], ['pmt_c' => 190, 'min' => 6]]),
                'powder.rows[1].min',
            ],
            'stands less than needed' => [
                self::with('powder.rows', [['pmt_c' => 180, 'min' => 5, 'max' => 4]]),
                'powder.rows[0].max',
            ],
            'no chemistry' => [self::with('powder.chemistry', '__unset'), 'powder.chemistry'],
            'unknown chemistry' => [self::with('powder.chemistry', 'nylon'), 'powder.chemistry'],
            '101 doors' => [self::with('doors', array_fill(0, 101, ['at_min' => 1, 'open_s' => 1])), 'doors'],
            'a door backwards' => [self::with('doors', [['at_min' => 1, 'open_s' => -1]]), 'doors[0].open_s'],
            'margin' => [self::with('margin', -0.1), 'margin'],
            'way' => [self::with('way', 'guess'), 'way'],
        ];
    }

    #[DataProvider('refusals')]
    public function test_a_bad_file_is_refused_in_one_line_that_names_the_place(string $file, string $place): void
    {
        [$code, $out, $err] = self::aenum(['simulate', '-'], $file);
        self::assertSame(2, $code, $err);
        self::assertSame('', $out);
        self::assertSame(1, substr_count($err, "\n"), $err);
        self::assertStringStartsWith($place.' ', $err);
        self::assertStringContainsString('; allowed: ', $err);
    }

    public function test_bad_words_on_the_command_line_are_refused(): void
    {
        $case = __DIR__.'/../../cases/02-mixed-load.load.json';
        foreach (
            [
                [],
                ['guess'],
                ['simulate'],
                ['simulate', 'a', 'b'],
                ['simulate', '/nowhere.json'],
                ['simulate', __DIR__],
                ['simulate', $case, '--at', 'x'],
                ['simulate', $case, '--at', '76'],
                ['simulate', $case, '--every', '0'],
                ['simulate', $case, '--every', '1e-9'],
                ['simulate', $case, '--colour', 'red'],
                ['simulate', $case, '--at'],
                ['plan', $case, '--at', '3'],
                ['plan', $case],
                ['calc', 'guess', '-'],
                ['calc', 'cool'],
                ['judge', $case],
            ] as $words
        ) {
            [$code, $out, $err] = self::aenum($words);
            self::assertSame(2, $code, implode(' ', $words));
            self::assertSame('', $out);
            self::assertSame(1, substr_count($err, "\n"), $err);
        }
    }

    /** Bytes changed at random never bring a warning, a trace or a hang: an answer, or one line and exit 2. */
    public function test_a_file_damaged_anywhere_is_answered_or_refused(): void
    {
        mt_srand(7);
        $good = json_encode(self::load(), JSON_THROW_ON_ERROR);
        for ($n = 0; $n < 60; $n++) {
            $bad = $good;
            for ($k = mt_rand(1, 6); $k > 0; $k--) {
                $bad[mt_rand(0, strlen($bad) - 1)] = chr(mt_rand(0, 1) ? mt_rand(32, 126) : mt_rand(0, 255));
            }
            if (mt_rand(0, 5) === 0) {
                $bad = substr($bad, 0, mt_rand(0, strlen($bad)));
            }
            [$code, $out, $err] = self::aenum(['simulate', '-', '--at', '10'], $bad);
            self::assertContains($code, [0, 2], $err);
            self::assertSame($code === 2 ? 1 : 0, substr_count($err, "\n"), $err.$bad);
            self::assertSame($code === 0, $out !== '');
        }
    }

    public function test_simulate_reports_the_moments_asked_for(): void
    {
        $case = __DIR__.'/../../cases/02-mixed-load.load.json';
        [$code, $out] = self::aenum(['simulate', $case, '--at', '0,10,75']);
        $run = json_decode($out, true);
        self::assertSame(0, $code);
        self::assertSame('aenum-run/1', $run['format']);
        self::assertEquals([0, 10, 75], $run['at_min']);
        self::assertEquals(20, $run['items'][0]['core_c'][0]);
        self::assertCount(60, json_decode(self::aenum(['simulate', $case])[1], true)['at_min']);
        self::assertCount(76, json_decode(self::aenum(['simulate', $case, '--every=1'])[1], true)['at_min']);
        $bare = json_decode(self::aenum(['simulate', '-'], self::with('powder', '__unset'))[1], true);
        foreach (['dose', 'overbake', 'window_min', 'reaches_min'] as $key) {
            self::assertArrayNotHasKey($key, $bare['items'][0]);
        }
    }

    public function test_plan_finds_the_shortest_bake_or_the_split(): void
    {
        $plan = json_decode(self::aenum(['plan', __DIR__.'/../../cases/plan-01-mixed.load.json'])[1], true);
        self::assertTrue($plan['feasible']);
        self::assertEqualsWithDelta(34.25, $plan['minutes'], 0.03 * 34.25);
        self::assertSame('bench end', $plan['decided_by']);
        self::assertLessThan($plan['minutes'], $plan['check_at_min']);
        $split = json_decode(self::aenum(['plan', __DIR__.'/../../cases/plan-02-split.load.json'])[1], true);
        self::assertFalse($split['feasible']);
        self::assertEqualsCanonicalizing([['column base'], ['thin skirt']], array_column($split['split'], 'items'));
    }

    public function test_the_small_calculators(): void
    {
        self::assertSame(
            ['m2_per_kg' => 5.7143, 'powder_kg' => 1.75],
            json_decode(
                self::aenum(['calc', 'cover', '-'], '{"sg":1.55,"film_um":70,"efficiency":0.62,"area_m2":10}')[1],
                true,
            ),
        );
        $cool = json_decode(
            self::aenum(
                ['calc', 'cool', '-'],
                '{"material":"cast_iron","mass_kg":34,"area_m2":1.15,"start_c":190,"ambient_c":20,"target_c":45}',
            )[1],
            true,
        );
        self::assertEqualsWithDelta(29.8, $cool['minutes'], 0.2);
        foreach (
            [
                '{"sg":0,"film_um":70,"efficiency":0.62}' => 'sg',
                '{"sg":1.5,"film_um":70,"efficiency":1.2}' => 'efficiency',
                '{"sg":1.5,"film_um":70}' => 'efficiency',
                '{"sg":1.5,"film_um":70,"efficiency":0.6,"area_m2":-1}' => 'area_m2',
            ] as $in => $place
        ) {
            [$code, , $err] = self::aenum(['calc', 'cover', '-'], $in);
            self::assertSame([2, 0], [$code, strpos($err, $place.' ')], $err);
        }
        [$code, , $err] = self::aenum(
            ['calc', 'cool', '-'],
            '{"material":"cast_iron","mass_kg":34,"area_m2":1.15,"start_c":190,"ambient_c":20,"target_c":19}',
        );
        self::assertSame([2, 0], [$code, strpos($err, 'target_c ')]);
    }

    public function test_judge_reads_a_logger_and_says_what_each_column_did(): void
    {
        $powder = tempnam(sys_get_temp_dir(), 'powder');
        $log = tempnam(sys_get_temp_dir(), 'log');
        file_put_contents(
            $powder,
            '{"chemistry":"polyester","rows":[{"pmt_c":180,"min":18,"max":60},{"pmt_c":200,"min":8,"max":28}]}',
        );
        $lines = "time;foot °C;arm [F]\n";
        for ($s = 0; $s <= 3000; $s += 60) {
            $c = min(180.0, 20 + $s / 6);
            $lines .= sprintf(
                "%02d:%02d;%s;%s\n",
                intdiv($s, 60) + 0 >= 60 ? 1 : 0,
                intdiv($s, 60) % 60,
                strtr((string) round($c, 1), '.', ','),
                $s === 600 ? '' : strtr((string) (32 + 1.8 * $c), '.', ','),
            );
        }
        file_put_contents($log, $lines);
        [$code, $out, $err] = self::aenum(['judge', $log, '--powder', $powder]);
        self::assertSame(0, $code, $err);
        $columns = json_decode($out, true)['columns'];
        self::assertSame(['foot', 'arm'], array_column($columns, 'name'));
        self::assertEqualsWithDelta(16, $columns[0]['reaches_min'], 0.05);
        self::assertEqualsWithDelta(34, $columns[0]['window_min'], 0.2);
        self::assertEqualsWithDelta($columns[0]['dose'], $columns[1]['dose'], 0.001);
        self::assertEqualsWithDelta(34 / 18, $columns[0]['dose'], 0.06);
        self::assertEquals(120, $columns[1]['longest_gap_s']);
        self::assertSame('cured', $columns[0]['state']);
        unlink($powder);
        unlink($log);
    }
}
