<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Aenum\Core\Geometry\Facets;
use Aenum\Core\Geometry\Shape;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Geometry\ShapeSolid;
use Aenum\Core\Materials\MetalCatalog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is turned on a screen is the part, within a cell of it. */
final class FacetsTest extends TestCase
{
    /** @return iterable<string, array{ShapeKind, array<string, float>, list<float>, array{float, float, float}}> */
    public static function shapes(): iterable
    {
        yield 'plate' => [
            ShapeKind::Plate, ['length_mm' => 400, 'width_mm' => 200, 'thickness_mm' => 5], [], [400, 200, 5],
        ];
        yield 'round tube' => [
            ShapeKind::TubeRound, ['od_mm' => 60, 'wall_mm' => 3, 'length_mm' => 900], [], [900, 60, 60],
        ];
        yield 'cone' => [
            ShapeKind::Cone, ['diameter_mm' => 300, 'height_mm' => 120, 'wall_mm' => 2], [], [120, 300, 300],
        ];
        yield 'sphere' => [ShapeKind::Sphere, ['diameter_mm' => 80], [], [80, 80, 80]];
        yield 'rectangular tube' => [
            ShapeKind::TubeRect,
            ['width_mm' => 80, 'height_mm' => 40, 'wall_mm' => 3, 'length_mm' => 500], [], [500, 80, 40],
        ];
        yield 'angle' => [
            ShapeKind::Angle,
            ['leg_a_mm' => 50, 'leg_b_mm' => 30, 'thickness_mm' => 4, 'length_mm' => 700], [], [700, 50, 30],
        ];
        yield 'a folded channel' => [
            ShapeKind::SheetFolded, ['length_mm' => 600, 'thickness_mm' => 2], [40.0, 100.0, 40.0], [600, 78, 100],
        ];
    }

    /**
     * @param  array<string, float>  $measures
     * @param  list<float>  $legs
     * @param  array{float, float, float}  $box
     */
    #[DataProvider('shapes')]
    public function test_a_shape_stands_in_its_box(ShapeKind $kind, array $measures, array $legs, array $box): void
    {
        $measures = array_map(floatval(...), $measures);
        $solid = ShapeSolid::of(Shape::of($kind, $measures, MetalCatalog::get('carbon_steel'), $legs));
        [$from, $to] = $solid->box();
        foreach ($box as $n => $side) {
            self::assertEqualsWithDelta($side, $to[$n] - $from[$n], 0.02 * $side + 2, "axis {$n}");
        }
        $facets = new Facets($from, $to);
        $solid->into($facets, 0.0);
        self::assertGreaterThanOrEqual(12, $facets->count());
        self::assertSame([-10000, 10000], self::span($facets, (int) array_search(max($box), $box, true)));
    }

    public function test_a_small_mesh_is_kept_as_it_is_and_a_large_one_within_a_cell(): void
    {
        $exact = new Facets([0, 0, 0], [2, 1, 1]);
        $exact->add(0, 0, 0, 2, 0, 0, 0, 1, 1);
        $corners = array_values((array) unpack('v9', $exact->bytes()));
        $signed = array_map(fn (int $v): int => $v > 32767 ? $v - 65536 : $v, $corners);
        self::assertSame([-10000, -5000, -5000, 10000, -5000, -5000, -10000, 5000, 5000], $signed);

        $large = new Facets([-1, -1, -1], [1, 1, 1]);
        $steps = 120;
        for ($i = 0; $i < $steps; $i++) {
            for ($j = 0; $j < $steps; $j++) {
                $a = self::ball($i / $steps, $j / $steps);
                $b = self::ball(($i + 1) / $steps, $j / $steps);
                $c = self::ball($i / $steps, ($j + 1) / $steps);
                $large->add(...$a, ...$b, ...$c);
            }
        }
        self::assertGreaterThan(500, $large->count());
        self::assertLessThanOrEqual(Facets::MOST, $large->count());
        foreach ([0, 1, 2] as $axis) {
            [$least, $most] = self::span($large, $axis);
            self::assertEqualsWithDelta(-10000, $least, 20000 / 40);
            self::assertEqualsWithDelta(10000, $most, 20000 / 40);
        }
    }

    /** @return array{float, float, float} */
    private static function ball(float $u, float $v): array
    {
        return [sin(M_PI * $u) * cos(2 * M_PI * $v), sin(M_PI * $u) * sin(2 * M_PI * $v), cos(M_PI * $u)];
    }

    /** @return array{int, int} least and most along an axis */
    private static function span(Facets $facets, int $axis): array
    {
        $all = array_values((array) unpack('v*', $facets->bytes()));
        $of = [];
        foreach ($all as $n => $v) {
            if ($n % 3 === $axis) {
                $of[] = $v > 32767 ? $v - 65536 : $v;
            }
        }

        return [min($of), max($of)];
    }
}
