<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

use Aenum\Core\Units\InvalidInput;

/** Reads STL (binary or ASCII) and OBJ from an open stream, a piece at a time. */
final class MeshReader
{
    public const UNITS = ['mm' => 0.001, 'in' => 0.0254, 'm' => 1.0];

    private const HEADER = 84;

    private const RECORD = 50;

    /** Of an OBJ, with those it is continued by. */
    private const LONGEST_LINE = 65_536;

    private const MOST_TRIANGLES = 20_000_000;

    /**
     * @param  resource  $stream  at its beginning, seekable
     * @param  int  $bytes  its length
     * @param  string  $kind  stl or obj
     * @param  string  $unit  a key of UNITS
     *
     * @throws InvalidInput naming the line or triangle that cannot be read
     */
    public static function read($stream, int $bytes, string $kind, string $unit = 'mm'): Mesh
    {
        $sum = self::sum($stream, $bytes, $kind, $unit);
        $mesh = $sum->total();
        if ($mesh->volumeM3 === null) {
            return $mesh;
        }
        rewind($stream);
        $overlaps = new Overlaps($sum->least(), $sum->most());
        self::feed($stream, $bytes, $kind, $overlaps);

        return $mesh->with($overlaps);
    }

    /**
     * The mesh with a picture of it and what is turned on a screen: read twice, first for its size.
     *
     * @param  resource  $stream  at its beginning, seekable
     * @return array{Mesh, MeshPicture, Facets}
     *
     * @throws InvalidInput as read does
     */
    public static function readWithPicture($stream, int $bytes, string $kind, string $unit = 'mm'): array
    {
        $sum = self::sum($stream, $bytes, $kind, $unit);
        $mesh = $sum->total();
        $picture = new MeshPicture($sum->least(), $sum->most(), 1000 * self::UNITS[$unit], $mesh->inverted);
        rewind($stream);
        $facets = new Facets($sum->least(), $sum->most());
        $overlaps = new Overlaps($sum->least(), $sum->most());
        self::feed($stream, $bytes, $kind, new BothSinks($picture, new BothSinks($facets, $overlaps)));

        return [$mesh->with($overlaps), $picture, $facets];
    }

    /** @param  resource  $stream */
    private static function sum($stream, int $bytes, string $kind, string $unit): MeshSum
    {
        $sum = new MeshSum(
            self::UNITS[$unit] ??
                throw InvalidInput::outside('unit', $unit, 'one of '.implode(', ', array_keys(self::UNITS))),
        );
        if ($bytes === 0) {
            throw InvalidInput::unreadable('', 'is empty', 'an STL or OBJ mesh');
        }
        self::feed($stream, $bytes, $kind, $sum);

        return $sum;
    }

    /** @param  resource  $stream */
    private static function feed($stream, int $bytes, string $kind, TriangleSink $sink): void
    {
        match ($kind) {
            'stl' => self::isBinary($stream, $bytes)
                ? self::binary($stream, $bytes, $sink)
                : self::ascii($stream, $sink),
            'obj' => self::obj($stream, $sink),
            default => throw InvalidInput::outside('kind', $kind, 'stl or obj'),
        };
    }

    /**
     * A binary file's length fits its own count, whatever its header says; a text begins with "solid" and goes on as
     * text.
     *
     * @param  resource  $stream
     */
    private static function isBinary($stream, int $bytes): bool
    {
        $head = (string) fread($stream, 512);
        rewind($stream);
        if (strlen($head) >= self::HEADER && $bytes === self::HEADER + self::RECORD * self::count($head)) {
            return true;
        }

        return preg_match('/^\s*solid\b[^\x00]*$/si', $head) !== 1;
    }

    private static function count(string $head): int
    {
        /** @var array{1: int} $count */
        $count = unpack('V', substr($head, 80, 4));

        return $count[1];
    }

    /** @param  resource  $stream */
    private static function binary($stream, int $bytes, TriangleSink $sum): void
    {
        $head = (string) fread($stream, self::HEADER);
        if (strlen($head) < self::HEADER) {
            throw InvalidInput::unreadable(
                '',
                "is {$bytes} bytes long",
                'at least 84 bytes: the header of a binary STL',
            );
        }
        $count = self::count($head);
        $room = intdiv($bytes - self::HEADER, self::RECORD);
        if ($count > $room || $bytes !== self::HEADER + self::RECORD * $count) {
            throw InvalidInput::unreadable(
                '',
                "names {$count} triangles and has room for {$room}",
                'a whole file: the count in its header and its length must agree',
            );
        }
        if ($count > self::MOST_TRIANGLES) {
            throw InvalidInput::unreadable('', "has {$count} triangles", 'at most '.self::MOST_TRIANGLES);
        }
        for ($left = $count; $left > 0; $left -= $batch) {
            $batch = min(4096, $left);
            $block = '';
            while (strlen($block) < $batch * self::RECORD) {
                $more = fread($stream, max(1, $batch * self::RECORD - strlen($block)));
                if ($more === false || $more === '') {
                    throw InvalidInput::unreadable(
                        'triangle '.($count - $left + 1),
                        'is cut off',
                        'a whole file',
                    );
                }
                $block .= $more;
            }
            for ($n = 0; $n < $batch; $n++) {
                /** @var array<int, float> $f */
                $f = unpack('g9', $block, $n * self::RECORD + 12);
                $sum->add($f[1], $f[2], $f[3], $f[4], $f[5], $f[6], $f[7], $f[8], $f[9]);
            }
        }
    }

    /** @param  resource  $stream */
    private static function ascii($stream, TriangleSink $sum): void
    {
        $corners = [];
        $line = 0;
        $ended = false;
        while (($text = fgets($stream, 4096)) !== false) {
            $line++;
            $words = preg_split('/\s+/', trim($text)) ?: [];
            if (strtolower($words[0]) === 'vertex') {
                foreach (self::numbers($words, 3, "line {$line}") as $number) {
                    $corners[] = $number;
                }
            } elseif (strtolower($words[0]) === 'endfacet') {
                if (count($corners) !== 9) {
                    throw InvalidInput::unreadable(
                        "line {$line}",
                        'ends a facet of '.intdiv(count($corners), 3).' corners',
                        '3 corners',
                    );
                }
                $sum->add(...$corners);
                $corners = [];
            } elseif (strtolower($words[0]) === 'endsolid') {
                $ended = true;
            }
        }
        if (! $ended || $corners !== []) {
            throw InvalidInput::unreadable(
                "line {$line}",
                'is where the file stops, inside a solid',
                'a whole file, up to endsolid',
            );
        }
    }

    /** @param  resource  $stream */
    private static function obj($stream, TriangleSink $sum): void
    {
        $points = '';
        $count = 0;
        $line = 0;
        while (($text = self::objLine($stream, $line)) !== null) {
            $words = preg_split('/\s+/', trim($text)) ?: [];
            if ($words[0] === 'v') {
                $points .= pack('e3', ...self::numbers($words, 3, "line {$line}"));
                $count++;
            } elseif ($words[0] === 'f') {
                $face = [];
                if (count($words) - 1 > Polygon::MOST_CORNERS) {
                    throw InvalidInput::unreadable(
                        "line {$line}",
                        'is a face of '.(count($words) - 1).' corners',
                        'at most '.Polygon::MOST_CORNERS.'; cut it into smaller faces',
                    );
                }
                foreach (array_slice($words, 1) as $word) {
                    $index = (int) $word;
                    $at = $index < 0 ? $count + $index : $index - 1;
                    if (preg_match('~^-?\d+(/-?\d*){0,2}$~', $word) !== 1 || $at < 0 || $at >= $count) {
                        throw InvalidInput::outside(
                            "line {$line}",
                            $word,
                            "a corner from 1 to {$count} already given",
                        );
                    }
                    /** @var list<float> $corner */
                    $corner = array_values((array) unpack('e3', $points, 24 * $at));
                    $face[] = $corner;
                }
                if (count($face) < 3) {
                    throw InvalidInput::unreadable(
                        "line {$line}",
                        'is a face of '.count($face).' corners',
                        'at least 3',
                    );
                }
                foreach (Polygon::triangles($face) as [$a, $b, $c]) {
                    $sum->add(...$a, ...$b, ...$c);
                }
            }
        }
    }

    /**
     * The next line, with those it is continued by after a backslash; null at the end.
     *
     * @param  resource  $stream
     */
    private static function objLine($stream, int &$line): ?string
    {
        $text = '';
        while (($more = fgets($stream, self::LONGEST_LINE)) !== false) {
            $line++;
            if (strlen($text) + strlen($more) >= self::LONGEST_LINE - 1) {
                throw InvalidInput::unreadable(
                    "line {$line}",
                    'is longer than '.self::LONGEST_LINE.' characters',
                    'faces of at most '.Polygon::MOST_CORNERS.' corners',
                );
            }
            $text .= $more;
            $bare = rtrim($text);
            if (! str_ends_with($bare, '\\')) {
                return $text;
            }
            $text = substr($bare, 0, -1).' ';
        }

        return $text === '' ? null : $text;
    }

    /**
     * @param  list<string>  $words
     * @return list<float>
     */
    private static function numbers(array $words, int $how, string $place): array
    {
        $numbers = [];
        for ($n = 1; $n <= $how; $n++) {
            $word = $words[$n] ?? '';
            if (! is_numeric($word)) {
                throw InvalidInput::outside($place, $word, "{$how} numbers");
            }
            $numbers[] = (float) $word;
        }

        return $numbers;
    }
}
