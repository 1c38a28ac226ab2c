<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use App\Release\Queries\JobRecord;

/** Readings and curves of a record as CSV: comma, decimal point, SI units in the header. */
final class RecordCsv
{
    /** What a program that opens it might take for a formula is text. */
    private const FORMULAS = ['=', '+', '-', '@', "\t", "\r"];

    public static function readings(JobRecord $record): string
    {
        $rows = [['part', 'lot', 'coat', 'place', 'spot', 'film_um', 'at']];
        foreach ($record->documents as $document) {
            foreach (is_array($document['film'] ?? null) ? $document['film'] : [] as $film) {
                foreach (is_array($film['readings'] ?? null) ? $film['readings'] : [] as $reading) {
                    $rows[] = [
                        $document['part']['name'] ?? '', $document['part']['lot'] ?? '', $film['coat'] ?? '',
                        $film['place'] ?? '', $reading['spot'] ?? '', $reading['um'] ?? '', $film['at'] ?? '',
                    ];
                }
            }
        }

        return self::text($rows);
    }

    public static function curves(JobRecord $record): string
    {
        $rows = [['part', 'lot', 'oven', 'shut_at', 'region', 'minute', 'air_c', 'core_c']];
        foreach ($record->documents as $document) {
            foreach (is_array($document['bakes'] ?? null) ? $document['bakes'] : [] as $bake) {
                $curve = $bake['curve'] ?? [];
                foreach ($curve['parts'] ?? [] as $part) {
                    foreach ($curve['minutes'] ?? [] as $n => $minute) {
                        $rows[] = [
                            $document['part']['name'] ?? '', $document['part']['lot'] ?? '', $bake['oven'] ?? '',
                            $bake['shut_at'] ?? '', $part['name'] ?? '', $minute, $curve['air_c'][$n] ?? '',
                            $part['core_c'][$n] ?? '',
                        ];
                    }
                }
            }
        }

        return self::text($rows);
    }

    /** @param  list<list<mixed>>  $rows */
    private static function text(array $rows): string
    {
        $lines = array_map(fn (array $row): string => implode(',', array_map(self::cell(...), $row)), $rows);

        return implode("\r\n", $lines)."\r\n";
    }

    private static function cell(mixed $value): string
    {
        if (is_int($value) || is_float($value)) {
            return (string) $value;
        }
        $text = is_scalar($value) ? (string) $value : '';
        $text = in_array(mb_substr($text, 0, 1), self::FORMULAS, true) ? "'{$text}" : $text;

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
