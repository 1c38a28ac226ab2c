<?php

declare(strict_types=1);

namespace Aenum\Core\Loggers;

use Aenum\Core\Units\InvalidInput;

/** What every instrument's CSV has in common: lines of limited length in any encoding, and how numbers are written. */
final class CsvText
{
    private const PIECE_BYTES = 65_536;

    /** A longer line is not an instrument's, bytes. */
    private const LONGEST_LINE = 16_384;

    /**
     * Returns the lines one by one, so that a file of the largest size takes little memory.
     *
     * @param  string|iterable<string>  $csv  the text, or its bytes in pieces of any length
     * @param  int  $mostBytes  of the whole text, 1,000,000 or more
     * @return \Generator<int, string> by line number from 1, in UTF-8; Latin-1 is converted
     *
     * @throws InvalidInput where the text is too large, or a line too long
     */
    public static function lines(string|iterable $csv, int $mostBytes): \Generator
    {
        [$bytes, $number, $rest] = [0, 0, ''];
        $line = function (string $text) use (&$number): string {
            $number++;
            if (strlen($text) > self::LONGEST_LINE) {
                $most = self::LONGEST_LINE;
                throw InvalidInput::unreadable("line {$number}", 'is too long', "at most {$most} bytes a line");
            }
            $text = $number === 1 && str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;

            return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');
        };
        foreach (is_string($csv) ? self::pieces($csv) : $csv as $piece) {
            $bytes += strlen($piece);
            if ($bytes > $mostBytes) {
                $most = intdiv($mostBytes, 1_000_000).' MB';
                throw InvalidInput::unreadable('', "is larger than {$most}", "at most {$most}");
            }
            // A carriage return at the end of a piece may be half of a line's end.
            $lines = preg_split('/\r\n|\n|\r(?!\z)/', $rest.$piece) ?: [];
            $rest = (string) array_pop($lines);
            foreach ($lines as $text) {
                $text = $line($text);
                yield $number => $text;
            }
            if (strlen($rest) > self::LONGEST_LINE) {
                $line($rest);
            }
        }
        foreach ($rest === '' && $number > 0 ? [] : explode("\r", rtrim($rest, "\r")) as $text) {
            $text = $line($text);
            yield $number => $text;
        }
    }

    /** Reads a number with a decimal point, or a comma where commas separate no cells; null where it is none. */
    public static function number(string $cell, string $separator): ?float
    {
        $cell = $separator === ',' ? $cell : strtr($cell, ',', '.');

        return preg_match('/^[-+]?\d+(\.\d*)?([eE][-+]?\d{1,3})?$/', $cell) === 1 && is_finite((float) $cell)
            ? (float) $cell
            : null;
    }

    /** @return \Generator<string> */
    private static function pieces(string $text): \Generator
    {
        for ($at = 0; $at < strlen($text); $at += self::PIECE_BYTES) {
            yield substr($text, $at, self::PIECE_BYTES);
        }
    }
}
