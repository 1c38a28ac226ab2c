<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Aenum\Core\Geometry\Mesh;
use Aenum\Core\Geometry\MeshPicture;
use Aenum\Core\Geometry\MeshReader;
use PHPUnit\Framework\TestCase;

/** The same body told in every format, unit and turn comes to the same figures and the same picture. */
final class MeshLawsTest extends TestCase
{
    /**
     * A body turned about an axis from a closed profile of radius and height; faces outwards.
     *
     * @param  list<array{float, float}>  $profile
     * @return list<list<array{float, float, float}>>
     */
    private static function turned(array $profile, int $sides): array
    {
        $at = fn (array $p, int $s): array => [
            $p[0] * cos((2 * M_PI * $s) / $sides),
            $p[0] * sin((2 * M_PI * $s) / $sides),
            $p[1],
        ];
        $facets = [];
        foreach ($profile as $n => $from) {
            $to = $profile[($n + 1) % count($profile)];
            for ($s = 0; $s < $sides; $s++) {
                [$a, $b, $c, $d] = [
                    $at($from, $s),
                    $at($from, ($s + 1) % $sides),
                    $at($to, ($s + 1) % $sides),
                    $at($to, $s),
                ];
                $facets[] = [$a, $b, $c];
                $facets[] = [$a, $c, $d];
            }
        }

        return $facets;
    }

    /** A ring of square section: radii 40 and 60, 20 high. */
    private static function ring(int $sides = 48): array
    {
        return self::turned([[40.0, 0.0], [40.0, 20.0], [60.0, 20.0], [60.0, 0.0]], $sides);
    }

    /** @param  list<list<array{float, float, float}>>  $facets */
    private static function ascii(array $facets): string
    {
        return "solid ring\n".
            implode(
                '',
                array_map(
                    fn (array $f): string => "facet normal 0 0 0\n outer loop\n".
                        implode(
                            '',
                            array_map(fn (array $p): string => sprintf("  vertex %.17g %.17g %.17g\n", ...$p), $f),
                        ).
                        " endloop\nendfacet\n",
                    $facets,
                ),
            ).
            "endsolid ring\n";
    }

    /** @param  list<list<array{float, float, float}>>  $facets */
    private static function binary(array $facets): string
    {
        return str_pad('solid but binary', 80).
            pack('V', count($facets)).
            implode(
                '',
                array_map(fn (array $f): string => pack('g12v', 0, 0, 0, ...array_merge(...$f), ...[0]), $facets),
            );
    }

    /** @param  list<list<array{float, float, float}>>  $facets */
    private static function obj(array $facets, bool $back = false): string
    {
        $text = "# ring\no ring\n";
        foreach ($facets as $n => $facet) {
            $text .= implode(
                '',
                array_map(fn (array $p): string => sprintf("v %.17g %.17g %.17g\n", ...$p), $facet),
            );
            $text .= $back
                ? "f -3/1/1 -2//2 -1\n"
                : 'f '.(3 * $n + 1).'/7 '.(3 * $n + 2).'//3 '.(3 * $n + 3)."/1/1\n";
        }

        return $text;
    }

    private static function read(string $bytes, string $kind, string $unit = 'mm'): Mesh
    {
        return MeshReader::read(self::stream($bytes), strlen($bytes), $kind, $unit);
    }

    /** @return resource */
    private static function stream(string $bytes)
    {
        $stream = fopen('php://memory', 'w+b') ?: throw new \RuntimeException();
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }

    public function test_every_format_tells_the_same_ring(): void
    {
        $facets = self::ring();
        // A polygon's ring by hand: its area is n/2·sin(2π/n)·(R² − r²).
        $volume = (48 / 2) * sin((2 * M_PI) / 48) * (3600 - 1600) * 20 * 1e-9;
        foreach (
            [
                'ascii' => [self::ascii($facets), 'stl', 1e-12],
                'binary' => [self::binary($facets), 'stl', 1e-10],
                'obj' => [self::obj($facets), 'obj', 1e-12],
                'obj counted back' => [self::obj($facets, true), 'obj', 1e-12],
            ] as $name => [$bytes, $kind, $within]
        ) {
            $mesh = self::read($bytes, $kind);
            self::assertTrue($mesh->closed, $name);
            self::assertEqualsWithDelta($volume, (float) $mesh->volumeM3, $within, $name);
            self::assertEqualsWithDelta([120, 120, 20], $mesh->boxMm, 1e-4, $name);
            self::assertSame(count($facets), $mesh->triangles, $name);
        }
    }

    public function test_units_scale_and_place_does_not_matter(): void
    {
        $facets = self::ring(24);
        $mm = self::read(self::ascii($facets), 'stl');
        self::assertEqualsWithDelta(
            $mm->volumeM3 * 25.4 ** 3,
            self::read(self::ascii($facets), 'stl', 'in')->volumeM3,
            1e-9,
        );
        self::assertEqualsWithDelta(
            $mm->areaM2 * 25.4 ** 2,
            self::read(self::ascii($facets), 'stl', 'in')->areaM2,
            1e-9,
        );
        $moved = array_map(
            fn (array $f): array => array_map(fn (array $p): array => [$p[0] + 5000, $p[1] - 300, $p[2] + 77], $f),
            $facets,
        );
        self::assertEqualsWithDelta($mm->volumeM3, self::read(self::ascii($moved), 'stl')->volumeM3, 1e-12);
        self::assertEqualsWithDelta($mm->areaM2, self::read(self::ascii($moved), 'stl')->areaM2, 1e-12);
        shuffle($moved);
        self::assertEqualsWithDelta($mm->volumeM3, self::read(self::ascii($moved), 'stl')->volumeM3, 1e-12);
    }

    public function test_one_facet_gone_or_turned_and_there_is_no_volume(): void
    {
        $facets = self::ring(24);
        $open = self::read(self::ascii(array_slice($facets, 1)), 'stl');
        self::assertFalse($open->closed);
        self::assertNull($open->volumeM3);
        $turned = $facets;
        $turned[5] = array_reverse($turned[5]);
        $disagree = self::read(self::ascii($turned), 'stl');
        self::assertTrue($disagree->closed);
        self::assertNull($disagree->volumeM3);
        $inside = self::read(self::ascii(array_map(array_reverse(...), $facets)), 'stl');
        self::assertNotSame(self::read(self::ascii($facets), 'stl')->inverted, $inside->inverted);
        self::assertNotNull($inside->volumeM3);
        // Two bodies in one file are both counted.
        $two = [
            ...$facets,
            ...array_map(
                fn (array $f): array => array_map(fn (array $p): array => [$p[0], $p[1], $p[2] + 100], $f),
                $facets,
            ),
        ];
        self::assertEqualsWithDelta(
            2 * self::read(self::ascii($facets), 'stl')->volumeM3,
            self::read(self::ascii($two), 'stl')->volumeM3,
            1e-12,
        );
    }

    public function test_the_picture_shows_the_hole_and_weighs_what_the_mesh_weighs(): void
    {
        $bytes = self::ascii(self::ring(64));
        [$mesh, $picture] = MeshReader::readWithPicture(self::stream($bytes), strlen($bytes), 'stl');
        $drawing = $picture->drawing();
        self::assertCount(MeshPicture::TONES, $drawing->light);
        $through = (new \ReflectionProperty($picture, 'through'))->getValue($picture);
        $cell = ($drawing->widthMm / $drawing->columns) ** 2;
        self::assertEqualsWithDelta(
            (float) $mesh->volumeM3 * 1e9,
            $cell * array_sum($through),
            0.02 * $mesh->volumeM3 * 1e9,
        );
        // In the row through the middle: ring, hole, ring; nothing is drawn in the hole.
        $row = intdiv($drawing->rows, 2);
        $drawn = array_map(
            fn (int $column): bool => isset($through[$row * $drawing->columns + $column]),
            range(0, $drawing->columns - 1),
        );
        $runs = preg_split('/0+/', trim(implode('', array_map(intval(...), $drawn)), '0')) ?: [];
        self::assertCount(2, $runs);
        self::assertEqualsWithDelta(strlen($runs[0]), strlen($runs[1]), 3);
        self::assertGreaterThan(20, $drawing->thickestMm);
    }

    public function test_cut_anywhere_a_file_is_refused_or_read_and_never_more(): void
    {
        $whole = [
            'stl' => [self::ascii(self::ring(6)), self::binary(self::ring(6))],
            'obj' => [self::obj(self::ring(6))],
        ];
        foreach ($whole as $kind => $files) {
            foreach ($files as $bytes) {
                for ($cut = 0; $cut < strlen($bytes); $cut += max(1, intdiv(strlen($bytes), 60))) {
                    try {
                        $mesh = self::read(substr($bytes, 0, $cut), $kind);
                        self::assertLessThanOrEqual(48, $mesh->triangles);
                    } catch (\Aenum\Core\Units\InvalidInput $e) {
                        self::assertNotSame('', $e->getMessage());
                    }
                }
            }
        }
    }

    public function test_bodies_that_lie_in_each_other_are_said_to_and_those_that_touch_or_are_hollow_are_not(): void
    {
        $ring = self::ring(32);
        $moved = fn (float $x, float $z): array => array_map(
            fn (array $f): array => array_map(fn (array $p): array => [$p[0] + $x, $p[1], $p[2] + $z], $f),
            $ring,
        );
        $says = fn (array $facets): ?bool => self::read(self::ascii($facets), 'stl')->overlapping;
        self::assertFalse($says($ring));
        self::assertTrue($says([...$ring, ...$moved(0, 10)]), 'half in each other');
        self::assertTrue($says([...$ring, ...$moved(70, 0)]), 'side by side, in each other');
        self::assertTrue($says([...$ring, ...$ring]), 'twice the same');
        self::assertFalse($says([...$ring, ...$moved(0, 20)]), 'they touch');
        self::assertFalse($says([...$ring, ...$moved(0, 100)]), 'apart');
        self::assertFalse($says(array_map(array_reverse(...), $ring)), 'inside out');
        $inverted = array_map(array_reverse(...), [...$ring, ...$moved(0, 10)]);
        self::assertTrue($says($inverted), 'inside out and in each other');
        // A hollow: the body inside looks inwards.
        $shell = self::turned([[0.0, 0.0], [0.0, 40.0], [50.0, 40.0], [50.0, 0.0]], 32);
        $void = array_map(
            array_reverse(...),
            self::turned([[0.0, 10.0], [0.0, 30.0], [30.0, 30.0], [30.0, 10.0]], 32),
        );
        self::assertFalse($says([...$shell, ...$void]), 'a hollow');
        self::assertNull($says(array_slice($ring, 1)), 'open: not looked for');
    }

    /** Corners of a box from one corner to the opposite one, as the twelve triangles of a CAD export. */
    private static function box(array $from, array $to): array
    {
        $facets = [];
        foreach ([0, 1, 2] as $axis) {
            [$u, $v] = [($axis + 1) % 3, ($axis + 2) % 3];
            foreach ([$from, $to] as $side) {
                $corners = [];
                foreach ([[$from, $from], [$to, $from], [$to, $to], [$from, $to]] as [$onU, $onV]) {
                    $corner = [];
                    $corner[$axis] = (float) $side[$axis];
                    $corner[$u] = (float) $onU[$u];
                    $corner[$v] = (float) $onV[$v];
                    ksort($corner);
                    $corners[] = $corner;
                }
                $corners = $side === $from ? array_reverse($corners) : $corners;
                $facets[] = [$corners[0], $corners[1], $corners[2]];
                $facets[] = [$corners[0], $corners[2], $corners[3]];
            }
        }

        return $facets;
    }

    public function test_boxes_on_whole_millimeters_overlap_only_where_they_do(): void
    {
        $overlaps = fn (array $facets): ?bool => self::read(self::ascii($facets), 'stl')->overlapping;
        foreach ([[100, 100, 100], [60, 60, 5], [300, 200, 3], [1, 1, 1], [7, 7, 900]] as $size) {
            $box = self::box([0, 0, 0], $size);
            self::assertFalse($overlaps($box), implode(' x ', $size));
            [$x, $y, $z] = $size;
            self::assertFalse($overlaps([...$box, ...self::box([$x, 0, 0], [2 * $x, $y, $z])]), 'side by side');
            self::assertFalse($overlaps([...$box, ...self::box([0, 0, $z], [$x, $y, 2 * $z])]), 'stacked');
            self::assertTrue($overlaps([...$box, ...self::box([0, 0, 0], [$x, $y, $z])]), 'the same place');
            $half = self::box([$x / 2, $y / 2, $z / 2], [1.5 * $x, 1.5 * $y, 1.5 * $z]);
            self::assertTrue($overlaps([...$box, ...$half]), 'a corner in the other');
        }
        $inverted = array_map(array_reverse(...), self::box([0, 0, 0], [40, 40, 40]));
        self::assertFalse($overlaps($inverted), 'inside out');
    }
}
