<?php

declare(strict_types=1);

namespace Tests\Core\Logger;

use Aenum\Core\Logger\LoggerColumn;
use Aenum\Core\Logger\LoggerFile;
use Aenum\Core\Unit\InvalidQuantity;
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
        } catch (InvalidQuantity $e) {
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
            } catch (InvalidQuantity $e) {
                self::assertStringNotContainsString("\n", $e->getMessage());
            }
        }
        self::assertLessThan(400, $taken);
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
}
