<?php

declare(strict_types=1);

namespace Tests\Core\Loggers;

use Aenum\Core\Loggers\LoggerColumn;
use Aenum\Core\Loggers\LoggerFile;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LoggerFileTest extends TestCase
{
    /** @return array<string, array{string}> the same curve, written the ways loggers write it */
    public static function dialects(): array
    {
        return [
            'commas, seconds' => ["time_s,core (°C)\n0,20.5\n60,80\n120,140\n"],
            'semicolons, decimal comma, clock' => ["Zeit;core °C\r\n08:00;20,5\r\n08:01;80\r\n08:02;140\r\n"],
            'tabs, iso, fahrenheit' => [
                "t\tcore [F]\n2026-11-23T08:00:00Z\t68.9\n2026-11-23T08:01:00Z\t176\n2026-11-23T08:02:00Z\t284",
            ],
            'past midnight' => ["time,core C\n23:59:00,20.5\n00:00:00,80\n00:01:00,140\n"],
            'byte order mark, quotes, gaps' => [
                "\xEF\xBB\xBF\"time\",\"core C\",\"other "
                    ."C\"\n\"0\",\"20.5\",\"\"\n\"60\",\"80\",\"1\"\n\n\"120\",\"140\",\"2\"\n",
            ],
            'latin-1' => ["time,core (\xB0C)\n0,20.5\n60,80\n120,140\n"],
        ];
    }

    #[DataProvider('dialects')]
    public function test_every_way_of_writing_it_is_the_same_curve(string $csv): void
    {
        $column = LoggerFile::parse($csv)->columns[0];
        self::assertSame('core', $column->name);
        self::assertCount(3, $column->points);
        foreach ([[0, 20.5], [60, 80], [120, 140]] as $n => [$s, $c]) {
            self::assertEqualsWithDelta($s, $column->points[$n][0], 1e-6);
            self::assertEqualsWithDelta($c, $column->points[$n][1], 1e-6);
        }
        self::assertEqualsWithDelta(110, $column->course()[1]->at(90), 1e-9);
    }

    /** @return array<string, array{string, string}> */
    public static function broken(): array
    {
        return [
            'nothing' => ['', 'line 1'],
            'one column' => ["time\n1\n2\n", 'line 1'],
            'no readings' => ["time,a\n", 'column a'],
            'text for a temperature' => ["time,a\n0,warm\n", 'line 2, a'],
            'too hot' => ["time,a\n0,900\n", 'line 2, a'],
            'time standing still' => ["time,a\n0,20\n0,21\n", 'line 3, time'],
            'time going back' => ["time,a\n60,20\n30,21\n", 'line 3, time'],
            'no time' => ["time,a\nsoon,20\n", 'line 2, time'],
            'a day that is not' => ["time,a\n2026-99-99T00:00,20\n", 'line 2, time'],
            'too many cells' => ["time,a\n0,20,30\n", 'line 2'],
        ];
    }

    #[DataProvider('broken')]
    public function test_a_broken_log_is_refused_by_line(string $csv, string $place): void
    {
        try {
            LoggerFile::parse($csv);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($place, $e->place);
        }
    }

    public function test_noise_is_taken_or_refused_but_never_breaks(): void
    {
        mt_srand(11);
        $taken = 0;
        for ($n = 0; $n < 400; $n++) {
            $text = "time,a\n";
            for ($k = mt_rand(0, 80); $k > 0; $k--) {
                $text .= mt_rand(0, 3) ? '0123456789,;:.-\n'[mt_rand(0, 15)] : chr(mt_rand(0, 255));
            }
            try {
                LoggerFile::parse($text);
                $taken++;
            } catch (InvalidInput $e) {
                self::assertStringNotContainsString("\n", $e->getMessage());
            }
        }
        self::assertLessThan(400, $taken);
    }

    public function test_the_pieces_a_file_comes_in_make_no_difference(): void
    {
        foreach ([
            "time,a,b\r\n0,20,1\r\n60,80,2\r\n\r\n120,140,3", "time;a\r0;20,5\r60;80\r", "t,a \xB0C\n0,1\n5,2\n",
        ] as $csv) {
            $whole = LoggerFile::parse($csv);
            for ($bytes = 1; $bytes < 9; $bytes++) {
                self::assertEquals($whole, LoggerFile::parse(str_split($csv, $bytes)), "in pieces of {$bytes}");
            }
        }
        foreach (["time,a\n0,".str_repeat('2', 20_000), str_repeat('x', 40_000)] as $csv) {
            try {
                LoggerFile::parse($csv);
                self::fail('took a line without an end');
            } catch (InvalidInput $e) {
                self::assertStringContainsString('too long', $e->getMessage());
                self::assertLessThan(300, strlen($e->getMessage()));
            }
        }
    }

    public function test_of_a_long_log_readings_are_left_out_evenly_and_neither_end_nor_gap_is_lost(): void
    {
        $rows = function (int $many): \Generator {
            yield "time,a\n";
            for ($n = 0; $n < $many; $n++) {
                yield ($n + ($n > 20_000 ? 95 : 0)).','.($n % 200)."\n";
            }
        };
        $all = LoggerFile::parse($rows(4000))->columns[0];
        self::assertCount(4000, $all->points, 'up to 4000 every reading is kept');
        $column = LoggerFile::parse($rows(30_000))->columns[0];
        self::assertLessThanOrEqual(4001, count($column->points));
        self::assertGreaterThan(2000, count($column->points));
        self::assertSame([0.0, 0.0], $column->points[0]);
        self::assertSame([30_094.0, 199.0], $column->points[count($column->points) - 1]);
        self::assertSame(96.0, $column->longestGapS());
        $steps = array_map(fn (int $n): float => $column->points[$n + 1][0] - $column->points[$n][0], range(0, 2000));
        self::assertSame([8.0], array_values(array_unique($steps)));
    }

    public function test_memory_does_not_grow_with_the_length_of_a_log(): void
    {
        $script = <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            $rows = function () {
                yield 'time';
                for ($column = 1; $column <= 64; $column++) {
                    yield ",couple {$column}";
                }
                yield "\n";
                $cells = str_repeat(',99', 64)."\n";
                for ($row = 0; $row < 12000; $row++) {
                    yield $row.$cells;
                }
            };
            $file = Aenum\Core\Loggers\LoggerFile::parse($rows());
            $points = $file->columns[63]->points;
            echo count($file->columns), ' ', $points[0][1], ' ', end($points)[0];
            PHP;
        $command = [PHP_BINARY, '-d', 'memory_limit=128M', '-r', $script, '--', dirname(__DIR__, 3)];
        $run = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        self::assertIsResource($run);
        self::assertSame('64 99 11999', stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2]));
        proc_close($run);
    }

    public function test_a_couple_is_known_by_its_name_as_two_people_write_it(): void
    {
        foreach (['air', ' AIR ', 'Oven', 'oven-air', "oven\u{a0}air"] as $name) {
            self::assertTrue(LoggerColumn::isAir($name), $name);
        }
        foreach (['airbrick', 'oven shell', '', '0'] as $name) {
            self::assertFalse(LoggerColumn::isAir($name), $name);
        }
        self::assertSame('bench end 2', LoggerColumn::plain(' Bench-END  (2)'));
    }

    public function test_the_longest_stretch_without_a_sample(): void
    {
        $column = new LoggerColumn('a', [[5.0, 20.0], [35.0, 30.0], [125.0, 60.0], [130.0, 61.0]]);
        self::assertSame(90.0, $column->longestGapS());
        self::assertSame(0.0, (new LoggerColumn('a', [[5.0, 20.0]]))->longestGapS());
    }

    public function test_a_clock_that_passes_midnight_goes_on_and_one_that_is_set_back_is_refused(): void
    {
        $ends = fn (string ...$times): float => (fn (array $points): float => end($points)[0])(
            LoggerFile::parse("time,a\n".implode("\n", array_map(fn (string $t): string => "{$t},20", $times)))
                ->columns[0]->points,
        );
        self::assertSame(7200.0, $ends('23:00', '01:00'));
        self::assertSame(86400.0 + 7200.0, $ends('23:00', '10:00', '01:00'), 'two midnights are passed one by one');
        self::assertSame(90.5, $ends('08:00:00', '08:01:30.5'));
        self::assertSame(3600.0 * 100, $ends('0:00', '100:00'), 'hours since the start');
        foreach (['12:00' => '11:59', '12:01' => '00:02'] as $first => $back) {
            try {
                $ends($first, $back);
                self::fail("took {$back} after {$first}");
            } catch (InvalidInput $e) {
                self::assertSame('line 3, time', $e->place, 'up to half a day back is a clock that was set');
            }
        }
    }

    public function test_a_log_is_a_week_at_most_has_two_readings_a_couple_and_no_impossible_heat(): void
    {
        $takes = function (string $csv): ?string {
            try {
                LoggerFile::parse($csv);

                return null;
            } catch (InvalidInput $e) {
                return $e->place;
            }
        };
        $week = 7 * 86400;
        self::assertNull($takes("time,a\n5,20\n".($week + 5).",20\n"));
        self::assertSame('line 3, time', $takes("time,a\n5,20\n".($week + 6).",20\n"));
        self::assertSame('column a', $takes("time,a,b\n0,20,20\n60,,30\n"));
        self::assertNull($takes("time,a\n0,-40\n60,700\n"));
        self::assertSame('line 2, a', $takes("time,a\n0,-40.1\n60,700\n"));
        self::assertSame('line 3, a', $takes("time,a\n0,-40\n60,700.1\n"));
        self::assertSame('line 3, a F', $takes("time,a F\n0,1292\n60,1292.2\n"), '700 degrees C are 1292 F');
        self::assertNull($takes("time,a\n-1e10,20\n-9999999999,20\n"));
        self::assertSame('line 2, time', $takes("time,a\n-1.1e10,20\n0,20\n"));
        self::assertSame('line 2, time', $takes("time,a\n1.1e10,20\n1.2e10,20\n"));
        $names = fn (int $count): string => implode(',', array_map(fn (int $n): string => "c{$n}", range(1, $count)));
        $row = fn (int $count, int $at): string => "{$at},".implode(',', array_fill(0, $count, '20'));
        foreach ([64 => null, 65 => 'line 1'] as $count => $place) {
            self::assertSame($place, $takes("time,{$names($count)}\n{$row($count, 0)}\n{$row($count, 60)}\n"));
        }
    }
}
