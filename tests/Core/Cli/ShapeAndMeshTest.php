<?php

declare(strict_types=1);

namespace Tests\Core\Cli;

use Aenum\Core\Geometry\Mesh;
use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Geometry\Shape;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShapeAndMeshTest extends TestCase
{
    /**
     * @return array<string, array{ShapeKind, array<string, float>, float, float}> measures, volume cm³, area cm² by
     *      hand
     */
    public static function shapes(): array
    {
        return [
            'plate' => [
                ShapeKind::Plate,
                ['length_mm' => 1000, 'width_mm' => 500, 'thickness_mm' => 10],
                5000,
                2 * (5000 + 50 + 100),
            ],
            'round tube' => [
                ShapeKind::TubeRound,
                ['od_mm' => 60, 'wall_mm' => 5, 'length_mm' => 1000],
                (M_PI / 4) * (36 - 25) * 100,
                M_PI * 6 * 100 + ((2 * M_PI) / 4) * 11,
            ],
            'rectangular tube' => [
                ShapeKind::TubeRect,
                ['width_mm' => 80, 'height_mm' => 40, 'wall_mm' => 4, 'length_mm' => 500],
                (32 - 7.2 * 3.2) * 50,
                24 * 50 + 2 * (32 - 7.2 * 3.2),
            ],
            'round bar' => [
                ShapeKind::BarRound,
                ['diameter_mm' => 20, 'length_mm' => 1000],
                M_PI * 100,
                M_PI * 2 * 100 + 2 * M_PI,
            ],
            'square bar' => [ShapeKind::BarSquare, ['side_mm' => 20, 'length_mm' => 1000], 400, 8 * 100 + 8],
            'flat bar' => [
                ShapeKind::BarFlat,
                ['width_mm' => 40, 'thickness_mm' => 8, 'length_mm' => 1000],
                320,
                2 * (400 + 80 + 3.2),
            ],
            'angle' => [
                ShapeKind::Angle,
                ['leg_a_mm' => 50, 'leg_b_mm' => 40, 'thickness_mm' => 5, 'length_mm' => 1000],
                4.25 * 100,
                18 * 100 + 2 * 4.25,
            ],
            'disc' => [
                ShapeKind::Disc,
                ['diameter_mm' => 200, 'thickness_mm' => 10],
                M_PI * 100,
                2 * M_PI * 100 + M_PI * 20,
            ],
            'ring' => [
                ShapeKind::Ring,
                ['od_mm' => 200, 'id_mm' => 100, 'thickness_mm' => 10],
                M_PI * 75,
                2 * M_PI * 75 + M_PI * 30,
            ],
            'solid cone' => [
                ShapeKind::Cone,
                ['diameter_mm' => 60, 'height_mm' => 40],
                (M_PI * 9 * 4) / 3,
                M_PI * 3 * 5 + M_PI * 9,
            ],
            'sheet cone' => [
                ShapeKind::Cone,
                ['diameter_mm' => 60, 'height_mm' => 40, 'wall_mm' => 1],
                M_PI * 15 * 0.1,
                2 * M_PI * 15,
            ],
            'sphere' => [ShapeKind::Sphere, ['diameter_mm' => 100], (M_PI / 6) * 1000, M_PI * 100],
            'hollow sphere' => [
                ShapeKind::Sphere,
                ['diameter_mm' => 100, 'wall_mm' => 10],
                (M_PI / 6) * (1000 - 512),
                M_PI * 100,
            ],
            'perforated' => [
                ShapeKind::SheetPerforated,
                ['length_mm' => 1000, 'width_mm' => 500, 'thickness_mm' => 2, 'open_share' => 0.4],
                600,
                0.6 * (10000 + 60),
            ],
        ];
    }

    /** @param  array<string, float>  $measures */
    #[DataProvider('shapes')]
    public function test_every_shape_agrees_with_a_hand_calculation(
        ShapeKind $kind,
        array $measures,
        float $cm3,
        float $cm2,
    ): void {
        $shape = Shape::of($kind, array_map(floatval(...), $measures), MetalCatalog::get('carbon_steel'));
        self::assertEqualsWithDelta($cm3 * 1e-6, $shape->extent->volumeM3, 1e-9);
        self::assertEqualsWithDelta($cm2 * 1e-4, $shape->extent->coatAreaM2, 1e-8);
        self::assertEqualsWithDelta(
            7850 * $cm3 * 1e-6,
            (float) $shape->massKg(MetalCatalog::get('carbon_steel')),
            1e-5,
        );
    }

    public function test_folds_holes_insides_and_castings(): void
    {
        $steel = MetalCatalog::get('carbon_steel');
        $folded = Shape::of(ShapeKind::SheetFolded, ['length_mm' => 1000.0, 'thickness_mm' => 2.0], $steel, [
            50,
            100,
            50,
        ]);
        $deduction = 2 * 4 - (M_PI / 2) * (2 + 0.42 * 2);
        self::assertEqualsWithDelta((200 - 2 * $deduction) * 1000 * 2e-9, $folded->extent->volumeM3, 1e-12);
        $plate = Shape::of(
            ShapeKind::Plate,
            ['length_mm' => 100.0, 'width_mm' => 100.0, 'thickness_mm' => 10.0],
            $steel,
            [],
            [['diameter_mm' => 20.0, 'count' => 4]],
        );
        self::assertEqualsWithDelta(1e-4 - ((4 * M_PI) / 4) * 4e-4 * 0.01, $plate->extent->volumeM3, 1e-12);
        self::assertEqualsWithDelta(
            0.024 + 4 * (M_PI * 0.02 * 0.01 - ((2 * M_PI) / 4) * 4e-4),
            $plate->extent->coatAreaM2,
            1e-12,
        );
        $tube = ['od_mm' => 60.0, 'wall_mm' => 5.0, 'length_mm' => 1000.0];
        $plain = Shape::of(ShapeKind::TubeRound, $tube, $steel)->extent->coatAreaM2;
        self::assertEqualsWithDelta(
            $plain + M_PI * 0.05,
            Shape::of(ShapeKind::TubeRound, $tube, $steel, [], [], true)->extent->coatAreaM2,
            1e-9,
        );
        $iron = MetalCatalog::get('cast_iron');
        $casting = Shape::of(ShapeKind::Casting, ['mass_kg' => 24.0, 'wall_mm' => 8.0], $iron);
        self::assertEqualsWithDelta((2 * 24) / (7200 * 0.008), $casting->extent->coatAreaM2, 1e-9);
        self::assertSame(24.0, $casting->massKg($iron));
        foreach (
            [
                [ShapeKind::TubeRound, ['od_mm' => 10.0, 'wall_mm' => 6.0, 'length_mm' => 5.0], 'wall_mm'],
                [ShapeKind::Ring, ['od_mm' => 10.0, 'id_mm' => 12.0, 'thickness_mm' => 1.0], 'id_mm'],
                [ShapeKind::Plate, ['length_mm' => 10.0, 'width_mm' => 1.0], 'thickness_mm'],
            ] as [$kind, $bad, $place]
        ) {
            try {
                Shape::of($kind, $bad, $steel);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place);
            }
        }
    }

    /** @param  list<array{list<float>, list<float>, list<float>}>  $triangles */
    private static function stl(array $triangles, string $header = 'made here', ?int $count = null): string
    {
        $out = str_pad($header, 80, "\0").pack('V', $count ?? count($triangles));
        foreach ($triangles as $t) {
            $out .= pack('g3', 0, 0, 0).pack('g9', ...$t[0], ...$t[1], ...$t[2]).pack('v', 0);
        }

        return $out;
    }

    private static function mesh(string $text, string $kind = 'stl', string $unit = 'mm'): Mesh
    {
        $stream = fopen('php://temp', 'w+b');
        self::assertIsResource($stream);
        fwrite($stream, $text);
        rewind($stream);

        return MeshReader::read($stream, strlen($text), $kind, $unit);
    }

    /** @return list<array{list<float>, list<float>, list<float>}> a box from the origin, facets outward */
    private static function box(float $x, float $y, float $z, float $at = 0): array
    {
        $p = fn (int $i): array => [$at + ($i & 1 ? $x : 0), $at + ($i & 2 ? $y : 0), $at + ($i & 4 ? $z : 0)];
        $out = [];
        foreach (
            [[0, 2, 3, 1], [4, 5, 7, 6], [0, 1, 5, 4], [2, 6, 7, 3], [0, 4, 6, 2], [1, 3, 7, 5]] as [$a, $b, $c, $d]
        ) {
            array_push($out, [$p($a), $p($b), $p($c)], [$p($a), $p($c), $p($d)]);
        }

        return $out;
    }

    public function test_a_cube_a_tetrahedron_and_a_faceted_sphere_are_exact(): void
    {
        $cube = self::mesh(self::stl(self::box(100, 50, 20, 7)));
        self::assertEqualsWithDelta(0.016, $cube->areaM2, 1e-12);
        self::assertEqualsWithDelta(1e-4, (float) $cube->volumeM3, 1e-14);
        self::assertEqualsWithDelta([100, 50, 20], $cube->boxMm, 1e-9);
        self::assertTrue($cube->closed);
        self::assertFalse($cube->inverted);
        self::assertSame(12, $cube->triangles);
        $inches = self::mesh(self::stl(self::box(1, 1, 1)), 'stl', 'in');
        self::assertEqualsWithDelta(0.0254 ** 3, (float) $inches->volumeM3, 1e-14);
        [$o, $x, $y, $z] = [[0, 0, 0], [3, 0, 0], [0, 3, 0], [0, 0, 3]];
        $tetra = self::mesh(self::stl([[$o, $y, $x], [$o, $x, $z], [$o, $z, $y], [$x, $y, $z]]), 'stl', 'm');
        self::assertEqualsWithDelta(4.5, (float) $tetra->volumeM3, 1e-9);
        self::assertEqualsWithDelta(13.5 + (sqrt(3) / 4) * 18, $tetra->areaM2, 1e-9);
        [$facets, $volume, $area] = $this->sphere(24, 48, 50);
        $sphere = self::mesh(self::stl($facets));
        self::assertTrue($sphere->closed);
        self::assertEqualsWithDelta($volume, (float) $sphere->volumeM3, 1e-6 * $volume);
        self::assertEqualsWithDelta($area, $sphere->areaM2, 1e-6 * $area);
    }

    public function test_open_inverted_and_degenerate_meshes_are_told(): void
    {
        $box = self::box(10, 10, 10);
        $open = self::mesh(self::stl(array_slice($box, 1)));
        self::assertFalse($open->closed);
        self::assertNull($open->volumeM3);
        $inside = self::mesh(self::stl(array_map(fn (array $t): array => [$t[0], $t[2], $t[1]], $box)));
        self::assertTrue($inside->inverted);
        self::assertEqualsWithDelta(1e-6, (float) $inside->volumeM3, 1e-15);
        $box[0] = [$box[0][0], $box[0][2], $box[0][1]];
        $mixed = self::mesh(self::stl($box));
        self::assertTrue($mixed->closed);
        self::assertNull($mixed->volumeM3);
        $flat = self::mesh(self::stl([...self::box(10, 10, 10), [[0, 0, 0], [1, 1, 1], [2, 2, 2]]]));
        self::assertSame(1, $flat->degenerate);
    }

    public function test_ascii_and_obj_read_the_same_and_a_solid_header_does_not_fool(): void
    {
        $box = self::box(10, 20, 30);
        $ascii = "solid box\n";
        $obj = "# box\n";
        foreach ($box as $n => $t) {
            $ascii .=
                "facet normal 0 0 0\n outer loop\n".
                implode('', array_map(fn (array $p): string => '  vertex '.implode(' ', $p)."\n", $t)).
                " endloop\nendfacet\n";
            $obj .=
                implode('', array_map(fn (array $p): string => 'v '.implode(' ', $p)."\n", $t)).
                ($n % 2
                    ? "f -3 -2 -1\n"
                    : 'f '.(3 * $n + 1).'/1/1 '.(3 * $n + 2).'//1 '.(3 * $n + 3)."\n");
        }
        foreach (
            [
                self::mesh($ascii."endsolid box\n"),
                self::mesh($obj, 'obj'),
                self::mesh(self::stl($box, 'solid but binary')),
            ] as $mesh
        ) {
            self::assertEqualsWithDelta(6e-6, (float) $mesh->volumeM3, 1e-14);
            self::assertSame(12, $mesh->triangles);
        }
        $quads = "v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nf 1 2 3 4\n";
        self::assertSame(2, self::mesh($quads, 'obj', 'm')->triangles);
    }

    /** @return array<string, array{string, string}> */
    public static function broken(): array
    {
        $good = self::stl(self::box(1, 1, 1));

        return [
            'zero bytes' => ['', 'stl'],
            'a few bytes' => ['abc', 'stl'],
            'truncated' => [substr($good, 0, -7), 'stl'],
            'wrong count' => [self::stl(self::box(1, 1, 1), 'x', 13), 'stl'],
            'a count of billions' => [self::stl(self::box(1, 1, 1), 'x', 0xFFFFFFFF), 'stl'],
            'no triangles' => [self::stl([]), 'stl'],
            'not a number' => [self::stl([[[NAN, 0, 0], [1, 0, 0], [0, 1, 0]]]), 'stl'],
            'infinite' => [self::stl([[[INF, 0, 0], [1, 0, 0], [0, 1, 0]]]), 'stl'],
            'as large as a town' => [self::stl(self::box(1e9, 1, 1)), 'stl'],
            'all flat' => [self::stl([[[0, 0, 0], [1, 1, 1], [2, 2, 2]]]), 'stl'],
            'ascii cut off' => ["solid x\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\n", 'stl'],
            'ascii of words' => ["solid x\nfacet\nvertex a b c\nendfacet\nendsolid\n", 'stl'],
            'ascii of two corners' => ["solid x\nvertex 0 0 0\nvertex 1 0 0\nendfacet\nendsolid", 'stl'],
            'obj of nothing' => ["# hello\n", 'obj'],
            'obj corner too far' => ["v 0 0 0\nf 1 2 3\n", 'obj'],
            'obj corner zero' => ["v 0 0 0\nf 0 0 0\n", 'obj'],
            'obj words' => ["v a b c\n", 'obj'],
            'obj line' => ["v 0 0 0\nv 1 0 0\nf 1 2\n", 'obj'],
        ];
    }

    #[DataProvider('broken')]
    public function test_a_broken_mesh_is_refused_in_one_line(string $text, string $kind): void
    {
        try {
            self::mesh($text, $kind);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertStringNotContainsString("\n", $e->getMessage());
        }
    }

    public function test_the_command_line_measures_shapes_and_a_large_mesh_within_its_memory(): void
    {
        $aenum = __DIR__.'/../../../bin/aenum';
        $tube = json_decode(
            (string) shell_exec(
                "echo '{\"shape\":\"tube_round\",\"od_mm\":60,\"wall_mm\":5,\"length_mm\":1000,"
                    ."\"count\":4,\"material\":\"carbon_steel\"}' | {$aenum} calc shape -",
            ),
            true,
        );
        self::assertEqualsWithDelta(((4 * 7850 * M_PI) / 4) * (0.06 ** 2 - 0.05 ** 2), $tube['mass_kg'], 1e-5);
        self::assertEqualsWithDelta(
            4 * (M_PI * 0.06 + ((2 * M_PI) / 4) * (0.06 ** 2 - 0.05 ** 2)),
            $tube['coat_area_m2'],
            1e-5,
        );
        $file = sys_get_temp_dir().'/aenum-large.stl';
        [$facets] = $this->sphere(200, 300, 500);
        file_put_contents($file, self::stl($facets));
        $count = count($facets);
        unset($facets);
        exec(
            'php -d memory_limit=24M '.escapeshellarg($aenum)." mesh {$file} --material aluminium 2>&1",
            $out,
            $code,
        );
        $mesh = json_decode($out[0], true);
        self::assertSame(0, $code);
        self::assertSame($count, $mesh['triangles']);
        self::assertTrue($mesh['closed']);
        self::assertEqualsWithDelta((2700 * M_PI) / 6, $mesh['mass_kg'], 2);
        unlink($file);
        foreach (['mesh nowhere.stl', "mesh {$aenum}", 'mesh x.stl --unit furlong'] as $words) {
            exec("{$aenum} {$words} 2>&1", $said, $code);
            self::assertSame(2, $code);
        }
    }

    /**
     * @return array{list<array{list<float>, list<float>, list<float>}>, float, float} facets (mm), their volume m³ and
     *      area m² by adding up
     */
    private function sphere(int $rows, int $columns, float $radius): array
    {
        $point = function (int $row, int $column) use ($rows, $columns, $radius): array {
            $theta = (M_PI * $row) / $rows;
            $phi = (2 * M_PI * ($column % $columns)) / $columns;
            $ring = $row === 0 || $row === $rows ? 0.0 : sin($theta);

            return array_map(fn (float $v): float => unpack('g', pack('g', $radius * $v))[1], [
                $ring * cos($phi),
                $ring * sin($phi),
                cos($theta),
            ]);
        };
        $facets = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                [$a, $b, $c, $d] = [
                    $point($row, $column),
                    $point($row + 1, $column),
                    $point($row + 1, $column + 1),
                    $point($row, $column + 1),
                ];
                if ($row < $rows - 1) {
                    $facets[] = [$a, $b, $c];
                }
                if ($row > 0) {
                    $facets[] = [$a, $c, $d];
                }
            }
        }
        $volume = $area = 0.0;
        foreach ($facets as [$a, $b, $c]) {
            $volume +=
                ($a[0] * ($b[1] * $c[2] - $b[2] * $c[1]) -
                    $a[1] * ($b[0] * $c[2] - $b[2] * $c[0]) +
                    $a[2] * ($b[0] * $c[1] - $b[1] * $c[0])) /
                6;
            $u = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
            $v = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
            $area +=
                sqrt(
                    ($u[1] * $v[2] - $u[2] * $v[1]) ** 2 +
                        ($u[2] * $v[0] - $u[0] * $v[2]) ** 2 +
                        ($u[0] * $v[1] - $u[1] * $v[0]) ** 2,
                ) / 2;
        }

        return [$facets, $volume * 1e-9, $area * 1e-6];
    }

    public function test_a_mesh_is_drawn_with_its_light_and_the_metal_behind_it(): void
    {
        // A cube of 40 mm: looked at from above a corner, three faces in three lights, and no more metal than its
        // diagonal.
        $cube = '';
        foreach (self::cubeFacets(40.0) as $facet) {
            $cube .=
                "facet normal 0 0 0\nouter loop\n".
                implode('', array_map(fn (array $p): string => 'vertex '.implode(' ', $p)."\n", $facet)).
                "endloop\nendfacet\n";
        }
        $stl = "solid cube\n{$cube}endsolid cube\n";
        [$mesh, $picture] = MeshReader::readWithPicture(self::stream($stl), strlen($stl), 'stl');
        self::assertEqualsWithDelta(64000e-9, (float) $mesh->volumeM3, 1e-12);
        $drawing = $picture->drawing();
        self::assertCount(3, array_filter($drawing->light));
        self::assertGreaterThan(40, $drawing->thickestMm);
        self::assertLessThanOrEqual(40 * sqrt(3) + 0.5, $drawing->thickestMm);
        // The metal seen through, summed over the grid, is the cube again.
        $cell = ($drawing->widthMm / $drawing->columns) ** 2;
        $mirror = new \ReflectionProperty($picture, 'through');
        self::assertEqualsWithDelta(64000, $cell * array_sum($mirror->getValue($picture)), 700);
        // Turned inside out it looks the same.
        $inside = preg_replace('/(vertex [^\n]+\n)(vertex [^\n]+\n)(vertex [^\n]+\n)/', '$1$3$2', $stl) ?? '';
        [$turned, $same] = MeshReader::readWithPicture(self::stream($inside), strlen($inside), 'stl');
        self::assertTrue($turned->inverted);
        self::assertSame($drawing->light, $same->drawing()->light);
    }

    /** @return list<list<array{float, float, float}>> */
    private static function cubeFacets(float $side): array
    {
        $facets = [];
        foreach ([[0, 1, 2], [1, 2, 0], [2, 0, 1]] as [$i, $j, $k]) {
            foreach ([0.0, $side] as $level) {
                $corner = function (float $a, float $b) use ($i, $j, $k, $level): array {
                    $p = [0.0, 0.0, 0.0];
                    [$p[$i], $p[$j], $p[$k]] = [$a, $b, $level];

                    return $p;
                };
                [$a, $b, $c, $d] = [$corner(0, 0), $corner($side, 0), $corner($side, $side), $corner(0, $side)];
                array_push($facets, ...$level > 0 ? [[$a, $b, $c], [$a, $c, $d]] : [[$a, $c, $b], [$a, $d, $c]]);
            }
        }

        return $facets;
    }

    /** @return resource */
    private static function stream(string $text)
    {
        $stream = fopen('php://memory', 'w+b') ?: throw new \RuntimeException();
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }
}
