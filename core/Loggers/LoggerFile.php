<?php

declare(strict_types=1);

namespace Aenum\Core\Loggers;

use Aenum\Core\Units\InvalidInput;

/**
 * A thermocouple logger's CSV: time first, then a column for each thermocouple; the header names them and the unit.
 *
 * Separator comma, semicolon or tab; decimal point, or comma where the separator is another; time in seconds,
 * hh:mm[:ss] or ISO 8601. Empty cells are gaps: the curve is drawn straight across, and the longest gap is reported.
 */
final readonly class LoggerFile
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** A bake takes hours; a file of years has a clock that jumped, or a date read wrong. */
    public const LONGEST_S = 7 * 86_400.0;

    public const MOST_COLUMNS = 64;

    /** Of a column with more readings than this, every second one is kept, as often as it takes. */
    private const MOST_READINGS = 4000;

    /** So much of a column's name stands in a message, characters. */
    private const LONGEST_NAME = 60;

    /** @param  list<LoggerColumn>  $columns */
    private function __construct(public array $columns)
    {
    }

    /**
     * Reads it line by line, so that a file of the largest size takes little memory.
     *
     * @param  string|iterable<string>  $csv  the text, or its bytes in pieces of any length
     *
     * @throws InvalidInput naming the line and column that cannot be read
     */
    public static function parse(string|iterable $csv): self
    {
        $lines = CsvText::lines($csv, self::MOST_BYTES);
        $header = (string) $lines->current();
        $lines->next();
        $separator = self::separator($header);
        $names = array_map(
            fn (?string $cell): string => mb_substr(trim((string) $cell), 0, self::LONGEST_NAME),
            str_getcsv($header, $separator, '"', ''),
        );
        if (count($names) < 2 || count($names) > self::MOST_COLUMNS + 1) {
            throw InvalidInput::unreadable(
                'line 1',
                'has '.count($names).' columns',
                'a header: time, then 1 to '.
                    self::MOST_COLUMNS.
                    ' thermocouples, separated by comma, semicolon or tab',
            );
        }
        $isFahrenheit = array_map(
            fn (string $name): bool => preg_match('/(°\s*F|\bF\b|fahrenheit)/iu', $name) === 1,
            $names,
        );
        $points = array_fill(1, count($names) - 1, []);
        $kept = array_fill(1, count($names) - 1, [
            'every' => 1, 'seen' => 0, 'lastS' => 0.0, 'lastC' => 0.0, 'gap' => 0.0,
        ]);
        $last = null;
        $first = null;
        for (; $lines->valid(); $lines->next()) {
            $line = $lines->current();
            if (trim($line) === '') {
                continue;
            }
            $place = 'line '.$lines->key();
            $cells = str_getcsv($line, $separator, '"', '');
            if (count($cells) > count($names)) {
                throw InvalidInput::unreadable(
                    $place,
                    'has '.count($cells).' cells',
                    'at most '.count($names).', as the header has',
                );
            }
            $cells[0] = trim((string) $cells[0]);
            $second = self::second($cells[0], $separator, $place, $last);
            if ($last !== null && $second <= $last) {
                throw InvalidInput::outside("{$place}, time", $cells[0], 'a later time than the line before');
            }
            $last = $second;
            $first ??= $second;
            if ($second - $first > self::LONGEST_S) {
                throw InvalidInput::outside("{$place}, time", $cells[0], 'at most a week after the first line');
            }
            unset($cells[0]);
            foreach ($cells as $column => $cell) {
                $cell = trim((string) $cell);
                if ($cell !== '') {
                    $celsius = self::celsius($cell, $isFahrenheit[$column], $separator, $place, $names[$column]);
                    self::keep($points[$column], $kept[$column], $second - $first, $celsius);
                }
            }
        }
        $columns = [];
        foreach ($points as $column => $series) {
            if ($series !== [] && $kept[$column]['lastS'] > end($series)[0]) {
                $series[] = [$kept[$column]['lastS'], $kept[$column]['lastC']];
            }
            if (count($series) < 2) {
                throw InvalidInput::unreadable(
                    "column {$names[$column]}",
                    'has '.count($series).' readings',
                    'at least 2',
                );
            }
            $columns[] = new LoggerColumn(self::plainName($names[$column]), $series, $kept[$column]['gap']);
        }

        return new self($columns);
    }

    /**
     * Adds a reading to those that are kept of its column: evenly spread, and the longest gap as it really was.
     *
     * @param  list<array{float, float}>  $points
     * @param  array{every: int, seen: int, lastS: float, lastC: float, gap: float}  $kept
     */
    private static function keep(array &$points, array &$kept, float $second, float $celsius): void
    {
        if ($kept['seen'] > 0 && $second - $kept['lastS'] > $kept['gap']) {
            $kept['gap'] = $second - $kept['lastS'];
        }
        $kept['lastS'] = $second;
        $kept['lastC'] = $celsius;
        if ($kept['seen']++ % $kept['every'] !== 0) {
            return;
        }
        $points[] = [$second, $celsius];
        if (count($points) > self::MOST_READINGS) {
            $halved = [];
            for ($n = 0; $n < count($points); $n += 2) {
                $halved[] = $points[$n];
            }
            [$points, $kept['every']] = [$halved, 2 * $kept['every']];
        }
    }

    private static function separator(string $header): string
    {
        foreach (["\t", ';'] as $separator) {
            if (str_contains($header, $separator)) {
                return $separator;
            }
        }

        return ',';
    }

    private static function second(string $cell, string $separator, string $place, ?float $last): float
    {
        if (preg_match('/^(\d{1,3}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/', $cell, $m) === 1) {
            $second = 3600.0 * (int) $m[1] + 60 * (int) $m[2] + (float) strtr($m[3] ?? '0', ',', '.');

            return $last !== null && $last - $second > 43200
                ? $second + 86400 * ceil(($last - $second) / 86400)
                : $second;
        }
        if (preg_match('/^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}/', $cell) === 1) {
            try {
                return (float) (new \DateTimeImmutable($cell, new \DateTimeZone('UTC')))->format('U.u');
            } catch (\Exception) {
                throw InvalidInput::outside("{$place}, time", $cell, 'seconds, hh:mm[:ss] or ISO 8601');
            }
        }
        $number = CsvText::number($cell, $separator);
        if ($number === null || $number < -1e10 || $number > 1e10) {
            throw InvalidInput::outside("{$place}, time", $cell, 'seconds, hh:mm[:ss] or ISO 8601');
        }

        return $number;
    }

    private static function celsius(string $cell, bool $isF, string $separator, string $line, string $name): float
    {
        $number = CsvText::number($cell, $separator);
        if ($number === null) {
            throw InvalidInput::outside("{$line}, {$name}", $cell, 'a temperature');
        }
        $celsius = $isF ? ($number - 32) / 1.8 : $number;
        if ($celsius < -40 || $celsius > 700) {
            throw InvalidInput::outside("{$line}, {$name}", $cell, '-40 to 700 C');
        }

        return $celsius;
    }

    private static function plainName(string $header): string
    {
        $name = trim(
            (string) preg_replace(
                '/[\[(]?\s*(°\s*[CF]|\b(deg\s*)?[CF]\b|celsius|fahrenheit)\s*[\])]?/iu',
                '',
                $header,
            ),
            " \t_-,;",
        );

        return $name === '' ? $header : $name;
    }
}
