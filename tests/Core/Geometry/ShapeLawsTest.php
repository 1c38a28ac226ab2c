<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Aenum\Core\Geometry\Shape;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Units\InvalidInput;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What is true of every shape, whatever its measures. */
final class ShapeLawsTest extends TestCase
{
    use TestTrait;

    /** Shapes measured by lengths alone. */
    private const KINDS = [
        ShapeKind::Plate,
        ShapeKind::TubeRound,
        ShapeKind::TubeRect,
        ShapeKind::BarRound,
        ShapeKind::BarSquare,
        ShapeKind::BarFlat,
        ShapeKind::Angle,
        ShapeKind::Disc,
        ShapeKind::Ring,
        ShapeKind::Cone,
        ShapeKind::Sphere,
        ShapeKind::SheetPerforated,
        ShapeKind::SheetExpanded,
        ShapeKind::SheetFolded,
    ];

    /** @return array<string, float> measures that fit together, from a few drawn numbers */
    private static function measures(ShapeKind $kind, int $a, int $b, int $c): array
    {
        $large = 100.0 + $a;
        $all = [
            'length_mm' => 200.0 + $b,
            'width_mm' => $large,
            'height_mm' => $large * 0.8,
            'thickness_mm' => 1 + $c / 10,
            'wall_mm' => 1 + $c / 10,
            'od_mm' => $large,
            'id_mm' => $large * 0.6,
            'diameter_mm' => $large,
            'side_mm' => $large / 2,
            'leg_a_mm' => $large,
            'leg_b_mm' => $large * 0.7,
            'open_share' => 0.3,
        ];

        return array_intersect_key(
            $all,
            array_flip(array_filter($kind->needs(), fn (string $name): bool => $name !== 'legs_mm')),
        );
    }

    /** @param  array<string, float>  $m */
    private static function shape(ShapeKind $kind, array $m, float $times = 1, array $holes = []): Shape
    {
        $scaled = array_map(
            fn (string $name, float $value): float => $name === 'open_share' ? $value : $value * $times,
            array_keys($m),
            $m,
        );

        return Shape::of(
            $kind,
            array_combine(array_keys($m), $scaled),
            MetalCatalog::get('carbon_steel'),
            $kind === ShapeKind::SheetFolded ? [40 * $times, 90 * $times, 40 * $times] : [],
            $holes,
        );
    }

    public function test_twice_as_large_is_four_times_the_area_and_eight_times_the_metal(): void
    {
        $this->forAll(
            Generators::elements(self::KINDS),
            Generators::choose(0, 300),
            Generators::choose(0, 900),
            Generators::choose(0, 60),
            Generators::choose(11, 40),
        )->then(function (ShapeKind $kind, int $a, int $b, int $c, int $tenths): void {
            $m = self::measures($kind, $a, $b, $c);
            $k = $tenths / 10;
            [$one, $large] = [self::shape($kind, $m)->extent, self::shape($kind, $m, $k)->extent];
            $areas = ['coatAreaM2' => 2, 'blastAreaM2' => 2, 'heatAreaM2' => 2];
            foreach (['volumeM3' => 3, 'thickestMm' => 1] + $areas as $figure => $power) {
                self::assertEqualsWithDelta(
                    $k ** $power,
                    $large->$figure / $one->$figure,
                    1e-9,
                    $kind->value." {$figure}",
                );
            }
        });
    }

    public function test_every_figure_is_positive_and_the_metal_fits_its_box(): void
    {
        $this->forAll(
            Generators::elements(self::KINDS),
            Generators::choose(0, 300),
            Generators::choose(0, 900),
            Generators::choose(0, 60),
        )->then(function (ShapeKind $kind, int $a, int $b, int $c): void {
            $extent = self::shape($kind, self::measures($kind, $a, $b, $c))->extent;
            self::assertGreaterThan(
                0,
                min(
                    $extent->volumeM3,
                    $extent->coatAreaM2,
                    $extent->blastAreaM2,
                    $extent->heatAreaM2,
                    $extent->thickestMm,
                    ...$extent->boxMm,
                ),
            );
            self::assertLessThanOrEqual(
                $extent->heatAreaM2 + 1e-12,
                $extent->coatAreaM2,
                'what is coated is heated',
            );
            if ($kind !== ShapeKind::SheetFolded) {
                self::assertLessThanOrEqual(array_product($extent->boxMm) * 1e-9 * (1 + 1e-9), $extent->volumeM3);
            }
            // Of all bodies with so much metal a ball has the least skin.
            self::assertGreaterThanOrEqual(
                (36 * M_PI) ** (1 / 3) * $extent->volumeM3 ** (2 / 3) * (1 - 1e-9),
                $extent->heatAreaM2,
            );
        });
    }

    public function test_a_hole_always_takes_metal_away(): void
    {
        $holed = [ShapeKind::Plate, ShapeKind::BarFlat, ShapeKind::Disc, ShapeKind::TubeRound, ShapeKind::TubeRect];
        $this->forAll(
            Generators::elements($holed),
            Generators::choose(0, 300),
            Generators::choose(0, 60),
            Generators::choose(2, 30),
            Generators::choose(1, 6),
        )->then(function (ShapeKind $kind, int $a, int $c, int $diameter, int $count): void {
            $m = self::measures($kind, $a, 300, $c);
            $whole = self::shape($kind, $m)->extent;
            $holes = self::shape($kind, $m, 1, [['diameter_mm' => (float) $diameter, 'count' => $count]])->extent;
            $through = $m['thickness_mm'] ?? $m['wall_mm'];
            self::assertEqualsWithDelta(
                (($count * M_PI) / 4) * $diameter ** 2 * $through * 1e-9,
                $whole->volumeM3 - $holes->volumeM3,
                1e-15,
            );
            // A wide hole in thin metal takes skin away, a narrow one in thick metal adds its wall.
            self::assertSame($diameter > 2 * $through, $holes->coatAreaM2 < $whole->coatAreaM2 - 1e-15);
        });
    }

    public function test_a_tube_coated_inside_has_nearly_twice_the_skin(): void
    {
        $m = ['od_mm' => 60.0, 'wall_mm' => 1.5, 'length_mm' => 2000.0];
        $out = Shape::of(ShapeKind::TubeRound, $m, MetalCatalog::get('carbon_steel'));
        $in = Shape::of(ShapeKind::TubeRound, $m, MetalCatalog::get('carbon_steel'), [], [], true);
        self::assertEqualsWithDelta(1.95, $in->extent->coatAreaM2 / $out->extent->coatAreaM2, 0.01);
        self::assertGreaterThanOrEqual(
            $in->extent->coatAreaM2,
            $in->extent->heatAreaM2 + 1e-12,
            'what is coated is heated',
        );
        self::assertEqualsWithDelta($out->extent->volumeM3, $in->extent->volumeM3, 1e-15);
    }

    public function test_a_casting_is_its_weight_and_mean_wall(): void
    {
        foreach (['cast_iron' => 7200, 'cast_aluminium' => 2680] as $key => $density) {
            $metal = MetalCatalog::get($key);
            $casting = Shape::of(ShapeKind::Casting, ['mass_kg' => 12.0, 'wall_mm' => 8.0], $metal);
            self::assertEqualsWithDelta((2 * 12) / ($density * 0.008), $casting->extent->coatAreaM2, 1e-9);
            self::assertSame(12.0, $casting->massKg($metal));
        }
    }

    public function test_measures_that_cannot_meet_are_refused_by_name(): void
    {
        $steel = MetalCatalog::get('carbon_steel');
        foreach (
            [
                [ShapeKind::TubeRound, ['od_mm' => 10.0, 'wall_mm' => 5.1, 'length_mm' => 100.0], 'wall_mm'],
                [ShapeKind::Ring, ['od_mm' => 50.0, 'id_mm' => 50.0, 'thickness_mm' => 5.0], 'id_mm'],
                [
                    ShapeKind::Angle,
                    ['leg_a_mm' => 40.0, 'leg_b_mm' => 3.0, 'thickness_mm' => 5.0, 'length_mm' => 100.0],
                    'thickness_mm',
                ],
                [
                    ShapeKind::SheetPerforated,
                    ['length_mm' => 10.0, 'width_mm' => 10.0, 'thickness_mm' => 1.0, 'open_share' => 0.96],
                    'open_share',
                ],
                [ShapeKind::Plate, ['length_mm' => -1.0, 'width_mm' => 10.0, 'thickness_mm' => 1.0], 'length_mm'],
                [ShapeKind::Plate, ['length_mm' => NAN, 'width_mm' => 10.0, 'thickness_mm' => 1.0], 'length_mm'],
                [ShapeKind::Sphere, ['diameter_mm' => INF], 'diameter_mm'],
                [ShapeKind::Disc, ['diameter_mm' => 60000.0, 'thickness_mm' => 3.0], 'diameter_mm'],
            ] as [$kind, $m, $place]
        ) {
            try {
                Shape::of($kind, $m, $steel);
                self::fail("{$kind->value} with a bad {$place} was taken");
            } catch (InvalidInput $e) {
                self::assertSame($place, $e->place, $kind->value);
            }
        }
    }
}
