<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Aenum\Core\Geometry\Mesh;
use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Geometry\Polygon;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Faces with notches are as large as they are. */
final class PolygonTest extends TestCase
{
    /** An L of 3 by 3 less 2 by 2: 5. */
    private const L = [[0, 0], [3, 0], [3, 1], [1, 1], [1, 3], [0, 3]];

    private static function obj(string $text): Mesh
    {
        $stream = fopen('php://memory', 'w+b') ?: throw new \RuntimeException('no memory');
        fwrite($stream, $text);
        rewind($stream);

        return MeshReader::read($stream, strlen($text), 'obj');
    }

    /** @param  list<array{list<float>, list<float>, list<float>}>  $triangles */
    private static function area(array $triangles): float
    {
        return array_sum(array_map(function (array $one): float {
            [$a, $b, $c] = $one;
            $u = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
            $v = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];

            $n = [$u[1] * $v[2] - $u[2] * $v[1], $u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]];

            return sqrt($n[0] ** 2 + $n[1] ** 2 + $n[2] ** 2) / 2;
        }, $triangles));
    }

    public function test_an_l_is_five_from_any_corner_either_way_round_and_in_any_plane(): void
    {
        for ($first = 0; $first < 6; $first++) {
            $round = [...array_slice(self::L, $first), ...array_slice(self::L, 0, $first)];
            foreach ([$round, array_reverse($round)] as $corners) {
                foreach ([[0, 1, 2], [1, 2, 0], [2, 0, 1]] as $axes) {
                    $in = array_map(function (array $c) use ($axes): array {
                        $p = [0.0, 0.0, 0.0];
                        $p[$axes[0]] = (float) $c[0];
                        $p[$axes[1]] = (float) $c[1];
                        $p[$axes[2]] = 0.25 * $c[0];

                        return $p;
                    }, $corners);
                    $triangles = Polygon::triangles($in);
                    self::assertCount(4, $triangles);
                    self::assertEqualsWithDelta(5 * sqrt(1 + 0.0625), self::area($triangles), 1e-9);
                }
            }
        }
    }

    public function test_stars_of_any_number_of_rays_match_their_own_formula(): void
    {
        foreach ([3, 5, 8, 40] as $rays) {
            $corners = [];
            for ($n = 0; $n < 2 * $rays; $n++) {
                $r = $n % 2 === 0 ? 10.0 : 3.0;
                $corners[] = [$r * cos(M_PI * $n / $rays), $r * sin(M_PI * $n / $rays), 0.0];
            }
            self::assertEqualsWithDelta($rays * 30 * sin(M_PI / $rays), self::area(Polygon::triangles($corners)), 1e-9);
        }
    }

    public function test_a_notched_prism_has_its_own_area_and_volume(): void
    {
        $text = '';
        foreach ([0, 2] as $z) {
            foreach (self::L as [$x, $y]) {
                $text .= "v {$x} {$y} {$z}\n";
            }
        }
        $text .= "f 6 5 4 \\\n3 2 1\nf 7 8 9 10 11 12\n";
        foreach (range(0, 5) as $n) {
            $next = ($n + 1) % 6;
            $text .= sprintf("f %d %d %d %d\n", $n + 1, $next + 1, $next + 7, $n + 7);
        }
        $mesh = self::obj($text);
        self::assertEqualsWithDelta((2 * 5 + 12 * 2) * 1e-6, $mesh->areaM2, 1e-12);
        self::assertTrue($mesh->closed);
        self::assertEqualsWithDelta(10e-9, (float) $mesh->volumeM3, 1e-15);
    }

    public function test_what_is_too_small_to_hold_asks_for_the_unit_and_too_many_corners_are_refused(): void
    {
        try {
            self::obj("v 0 0 0\nv 0.2 0 0\nv 0 0.3 0\nf 1 2 3\n");
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertStringContainsString('is the unit right', $e->getMessage());
        }
        $text = '';
        for ($n = 0; $n <= Polygon::MOST_CORNERS; $n++) {
            $text .= sprintf("v %.6f %.6f 0\n", 100 * cos($n / 400), 100 * sin($n / 400));
        }
        $this->expectExceptionMessage('corners');
        self::obj($text.'f '.implode(' ', range(1, Polygon::MOST_CORNERS + 1))."\n");
    }

    public function test_a_text_mesh_in_capitals_is_read(): void
    {
        $text = "SOLID CAP\nFACET NORMAL 0 0 1\nOUTER LOOP\nVERTEX 0 0 0\nVERTEX 10 0 0\nVERTEX 0 10 0\nENDLOOP\n"
            ."ENDFACET\nENDSOLID CAP\n";
        $stream = fopen('php://memory', 'w+b') ?: throw new \RuntimeException('no memory');
        fwrite($stream, $text);
        rewind($stream);
        self::assertEqualsWithDelta(50e-6, MeshReader::read($stream, strlen($text), 'stl')->areaM2, 1e-12);
    }
}
