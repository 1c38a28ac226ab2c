<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Loggers\CsvText;
use Aenum\Core\Units\InvalidInput;

/**
 * A film gauge's export as CSV: any separator, decimal point or comma, the unit in the header or asked.
 *
 * The column of readings is the one whose header names a unit of film or thickness, else the only one of numbers; the
 * column of spots the one headed so. Lines without a reading are passed over; a reading that cannot be read is refused
 * by its line.
 */
final readonly class GaugeFile
{
    public const MOST_BYTES = 2_000_000;

    private const SEPARATORS = ["\t", ';', ',', '|'];

    /** Unit as a header may spell it => µm. */
    private const UNITS = ['µm' => 1.0, 'μm' => 1.0, 'um' => 1.0, 'micron' => 1.0, 'mil' => 25.4, 'mm' => 1000.0];

    private const READINGS = '/thick|film|reading|dicke|schicht|value|mess|dft/iu';

    private const SPOTS = '/spot|place|zone|where|location|stelle|ort|batch|part/iu';

    /** @param  list<array{um: float, spot: ?string}>  $readings */
    private function __construct(public array $readings)
    {
    }

    /**
     * @param  float|null  $umEach  µm of its unit, where the header does not say it
     *
     * @throws InvalidInput naming the line
     */
    public static function parse(string $csv, ?float $umEach): self
    {
        $lines = iterator_to_array(CsvText::lines($csv, self::MOST_BYTES), false);
        $separator = self::separator($lines);
        $rows = array_map(
            fn (string $line): array => array_map(
                fn (?string $cell): string => trim((string) $cell),
                str_getcsv($line, $separator, '"', ''),
            ),
            $lines,
        );
        $header = self::header($rows, $separator);
        [$column, $unit] = self::column($rows, $header, $separator);
        $unit ??= $umEach ?? throw InvalidInput::missing('unit', 'µm or mil, said in the header or picked beside');
        $spots = $header === null ? null : self::named($rows[$header], self::SPOTS, $column);
        $readings = [];
        foreach ($rows as $n => $row) {
            $cell = $row[$column] ?? '';
            if (($header !== null && $n <= $header) || $cell === '') {
                continue;
            }
            $number = CsvText::number($cell, $separator)
                ?? throw InvalidInput::outside('line '.($n + 1), $cell, 'a film thickness');
            $um = $number * $unit;
            if ($um <= 0 || $um > FilmReadings::THICKEST_UM) {
                throw InvalidInput::outside('line '.($n + 1), $cell, 'above 0 to 5000 µm');
            }
            $spot = $spots === null ? null : mb_substr($row[$spots] ?? '', 0, 40);
            $readings[] = ['um' => $um, 'spot' => $spot === '' ? null : $spot];
        }
        if ($readings === [] || count($readings) > FilmReadings::MOST) {
            throw InvalidInput::unreadable(
                '',
                'has '.count($readings).' readings',
                '1 to '.FilmReadings::MOST.' readings',
            );
        }

        return new self($readings);
    }

    /** @return array<string, list<float>> µm by spot, in the order of the file; '' where it names none */
    public function bySpot(): array
    {
        $spots = [];
        foreach ($this->readings as $one) {
            $spots[$one['spot'] ?? ''][] = $one['um'];
        }

        return $spots;
    }

    /** @param  list<string>  $lines */
    private static function separator(array $lines): string
    {
        $head = implode("\n", array_slice(array_filter($lines, fn (string $l): bool => trim($l) !== ''), 0, 5));
        foreach (self::SEPARATORS as $separator) {
            if (str_contains($head, $separator)) {
                // Commas alone may be decimal ones: "71,5" on every line parts nothing.
                $isDecimal = $separator === ',' && preg_match('/^\s*\d+,\d+\s*$/m', $head) === 1;

                return $isDecimal ? ';' : $separator;
            }
        }

        return ';';
    }

    /**
     * The last of the first lines that holds words and no reading; null where there is none.
     *
     * @param  list<list<string>>  $rows
     */
    private static function header(array $rows, string $separator): ?int
    {
        $header = null;
        foreach ($rows as $n => $row) {
            $filled = array_filter($row, fn (string $cell): bool => $cell !== '');
            $numbers = array_filter($filled, fn (string $cell): bool => CsvText::number($cell, $separator) !== null);
            if ($filled !== [] && $numbers !== []) {
                break;
            }
            $header = $filled === [] ? $header : $n;
        }

        return $header;
    }

    /**
     * @param  list<list<string>>  $rows
     * @return array{int, ?float} which column, and µm of its unit where its header says it
     */
    private static function column(array $rows, ?int $header, string $separator): array
    {
        $names = $header === null ? [] : $rows[$header];
        foreach ($names as $at => $name) {
            $unit = self::unit($name);
            if ($unit !== null) {
                return [$at, $unit];
            }
        }
        $named = self::named($names, self::READINGS, null);
        if ($named !== null) {
            return [$named, self::unitAnywhere($rows, $header)];
        }
        $columns = [];
        foreach (array_slice($rows, ($header ?? -1) + 1) as $row) {
            foreach ($row as $at => $cell) {
                if (CsvText::number($cell, $separator) !== null) {
                    $columns[$at] = true;
                }
            }
        }
        if (count($columns) !== 1) {
            throw InvalidInput::unreadable(
                'header',
                $columns === [] ? 'has no column of numbers' : 'does not say which column is the film',
                'a header with a unit, such as "film (µm)"',
            );
        }

        return [array_key_first($columns), self::unitAnywhere($rows, $header)];
    }

    /** @param  list<string>  $names */
    private static function named(array $names, string $pattern, ?int $but): ?int
    {
        foreach ($names as $at => $name) {
            if ($at !== $but && preg_match($pattern, $name) === 1) {
                return $at;
            }
        }

        return null;
    }

    /** @param  list<list<string>>  $rows */
    private static function unitAnywhere(array $rows, ?int $header): ?float
    {
        foreach (array_slice($rows, 0, ($header ?? -1) + 1) as $row) {
            foreach ($row as $cell) {
                $unit = self::unit($cell);
                if ($unit !== null) {
                    return $unit;
                }
            }
        }

        return null;
    }

    private static function unit(string $name): ?float
    {
        foreach (self::UNITS as $unit => $um) {
            if (preg_match('/(^|[^\p{L}])'.$unit.'s?([^\p{L}]|$)/iu', $name) === 1) {
                return $um;
            }
        }

        return null;
    }
}
