<?php

declare(strict_types=1);

namespace Aenum\Core\Logger;

use Aenum\Core\Unit\InvalidQuantity;

/**
 * A thermocouple logger's CSV: time first, then a column for each thermocouple; the header names them and the unit.
 *
 * Separator comma, semicolon or tab; decimal point, or comma where the separator is another; time in seconds,
 * hh:mm[:ss] or ISO 8601. Empty cells are gaps: the curve is drawn straight across, and the longest gap is reported.
 */
final readonly class LoggerFile
{
    public const MOST_BYTES = 20_000_000;

    /** A bake takes hours; a file of years has a clock that jumped, or a date read wrong. */
    public const LONGEST_S = 7 * 86_400.0;

    public const MOST_COLUMNS = 64;

    /** @param  list<LoggerColumn>  $columns */
    private function __construct(public array $columns)
    {
    }

    /** @throws InvalidQuantity naming the line and column that cannot be read */
    public static function parse(string $csv): self
    {
        if (strlen($csv) > self::MOST_BYTES) {
            throw InvalidQuantity::unreadable('', 'is larger than 20 MB', 'at most 20 MB');
        }
        $csv = str_starts_with($csv, "\xEF\xBB\xBF") ? substr($csv, 3) : $csv;
        if (! mb_check_encoding($csv, 'UTF-8')) {
            $csv = mb_convert_encoding($csv, 'UTF-8', 'ISO-8859-1');
        }
        $lines = preg_split('/\r\n|\r|\n/', (string) $csv) ?: [];
        $header = array_shift($lines) ?? '';
        $separator = self::separator($header);
        $names = array_map(
            fn (?string $cell): string => trim((string) $cell),
            str_getcsv($header, $separator, '"', ''),
        );
        if (count($names) < 2 || count($names) > self::MOST_COLUMNS + 1) {
            throw InvalidQuantity::unreadable(
                'line 1',
                'has '.count($names).' columns',
                'a header: time, then 1 to '.
                    self::MOST_COLUMNS.
                    ' thermocouples, separated by comma, semicolon or tab',
            );
        }
        $points = array_fill(1, count($names) - 1, []);
        $last = null;
        $first = null;
        foreach ($lines as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            $place = 'line '.($n + 2);
            $cells = array_map(
                fn (?string $cell): string => trim((string) $cell),
                str_getcsv($line, $separator, '"', ''),
            );
            if (count($cells) > count($names)) {
                throw InvalidQuantity::unreadable(
                    $place,
                    'has '.count($cells).' cells',
                    'at most '.count($names).', as the header has',
                );
            }
            $second = self::second($cells[0], $separator, $place, $last);
            if ($last !== null && $second <= $last) {
                throw InvalidQuantity::outside("{$place}, time", $cells[0], 'a later time than the line before');
            }
            $last = $second;
            $first ??= $second;
            if ($second - $first > self::LONGEST_S) {
                throw InvalidQuantity::outside("{$place}, time", $cells[0], 'at most a week after the first line');
            }
            foreach (array_slice($cells, 1, null, true) as $column => $cell) {
                if ($cell !== '') {
                    $points[$column][] = [
                        $second - $first,
                        self::celsius($cell, $names[$column], $separator, "{$place}, {$names[$column]}"),
                    ];
                }
            }
        }
        $columns = [];
        foreach ($points as $column => $series) {
            if (count($series) < 2) {
                throw InvalidQuantity::unreadable(
                    "column {$names[$column]}",
                    'has '.count($series).' readings',
                    'at least 2',
                );
            }
            $columns[] = new LoggerColumn(self::plainName($names[$column]), $series);
        }

        return new self($columns);
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
                throw InvalidQuantity::outside("{$place}, time", $cell, 'seconds, hh:mm[:ss] or ISO 8601');
            }
        }
        $number = self::plainNumber($cell, $separator);
        if ($number === null || $number < -1e10 || $number > 1e10) {
            throw InvalidQuantity::outside("{$place}, time", $cell, 'seconds, hh:mm[:ss] or ISO 8601');
        }

        return $number;
    }

    private static function celsius(string $cell, string $name, string $separator, string $place): float
    {
        $number = self::plainNumber($cell, $separator);
        if ($number === null) {
            throw InvalidQuantity::outside($place, $cell, 'a temperature');
        }
        $celsius = preg_match('/(°\s*F|\bF\b|fahrenheit)/iu', $name) === 1 ? ($number - 32) / 1.8 : $number;
        if ($celsius < -40 || $celsius > 700) {
            throw InvalidQuantity::outside($place, $cell, '-40 to 700 C');
        }

        return $celsius;
    }

    private static function plainNumber(string $cell, string $separator): ?float
    {
        $cell = $separator === ',' ? $cell : strtr($cell, ',', '.');

        return preg_match('/^[-+]?\d+(\.\d*)?([eE][-+]?\d{1,3})?$/', $cell) === 1 && is_finite((float) $cell)
            ? (float) $cell
            : null;
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
