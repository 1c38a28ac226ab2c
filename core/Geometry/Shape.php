<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** One shape with its measures, checked and worked out. Measures are in mm; the extent is of one piece. */
final readonly class Shape
{
    private const LONGEST_MM = 50000.0;

    /** Neutral axis of a 90° fold, as a share of the thickness (air bending, usual sheet). */
    private const K_FACTOR = 0.42;

    /** @param  array<string, float|list<float>|bool|list<array{diameter_mm: float, count: int}>>  $measures */
    private function __construct(
        public ShapeKind $kind,
        public array $measures,
        public Extent $extent,
        /** @var list<float> outside lengths of a folded sheet's legs, mm */ public array $legsMm = [],
    ) {
    }

    /**
     * @param  array<string, float>  $m  measures of ShapeKind::needs and mayHave
     * @param  list<float>  $legsMm  outside lengths of the legs of a folded sheet, in order
     * @param  list<array{diameter_mm: float, count: int}>  $holes  round holes through one wall
     *
     * @throws InvalidInput naming the measure that cannot be
     */
    public static function of(
        ShapeKind $kind,
        array $m,
        Metal $metal,
        array $legsMm = [],
        array $holes = [],
        bool $insideCoated = false,
    ): self {
        foreach ($kind->needs() as $name) {
            if ($name !== 'legs_mm' && ! isset($m[$name])) {
                throw InvalidInput::missing($name, 'a number');
            }
        }
        foreach ($m as $name => $value) {
            match ($name) {
                'open_share' => Check::between($name, $value, 0, 0.95),
                'mass_kg' => Check::above($name, $value, 0, 50000),
                'top_diameter_mm' => Check::between($name, $value, 0, self::LONGEST_MM),
                default => Check::above($name, $value, 0, self::LONGEST_MM),
            };
        }
        $extent = match ($kind) {
            ShapeKind::Plate, ShapeKind::BarFlat => self::block(
                $m['length_mm'],
                $m['width_mm'],
                $m['thickness_mm'],
            ),
            ShapeKind::SheetFolded => self::folded($m, $legsMm),
            ShapeKind::TubeRound => self::tubeRound($m, $insideCoated),
            ShapeKind::TubeRect => self::tubeRect($m, $insideCoated),
            ShapeKind::BarRound => self::cylinder($m['diameter_mm'], $m['length_mm']),
            ShapeKind::BarSquare => self::block($m['length_mm'], $m['side_mm'], $m['side_mm']),
            ShapeKind::Angle => self::angle($m),
            ShapeKind::Disc => self::cylinder($m['diameter_mm'], $m['thickness_mm']),
            ShapeKind::Ring => self::ring($m),
            ShapeKind::Cone => self::cone($m),
            ShapeKind::Sphere => self::sphere($m),
            ShapeKind::SheetPerforated, ShapeKind::SheetExpanded => self::open($m),
            ShapeKind::Casting => self::casting($m, $metal),
        };
        $through = $m['thickness_mm'] ?? ($m['wall_mm'] ?? 0.0);
        foreach ($holes as $i => $hole) {
            Check::above("holes[{$i}].diameter_mm", $hole['diameter_mm'], 0, max($extent->boxMm));
            $extent = $extent->less($hole['diameter_mm'], $through, $hole['count']);
        }
        if ($extent->volumeM3 <= 0 || $extent->coatAreaM2 <= 0) {
            throw InvalidInput::unreadable(
                'holes',
                'take away more metal than there is',
                'holes that leave a part',
            );
        }

        return new self($kind, $m, $extent, $legsMm);
    }

    /** kg of one piece; null where the metal's density is not known. */
    public function massKg(Metal $metal): ?float
    {
        return $this->kind === ShapeKind::Casting && is_float($this->measures['mass_kg'])
            ? $this->measures['mass_kg']
            : ($metal->densityKgPerM3 === null
                ? null
                : $metal->densityKgPerM3 * $this->extent->volumeM3);
    }

    private static function block(float $a, float $b, float $c): Extent
    {
        return Extent::solid($a * $b * $c * 1e-9, 2 * ($a * $b + $b * $c + $a * $c) * 1e-6, min($a, $b, $c), [
            $a,
            $b,
            $c,
        ]);
    }

    private static function cylinder(float $d, float $h): Extent
    {
        return Extent::solid((M_PI / 4) * $d ** 2 * $h * 1e-9, M_PI * ($d * $h + $d ** 2 / 2) * 1e-6, min($d, $h), [
            $d,
            $d,
            $h,
        ]);
    }

    /**
     * The flat blank: legs less a bend deduction for each 90° fold, 2(r+t) − (π/2)(r + K·t).
     *
     * @param  array<string, float>  $m
     * @param  list<float>  $legsMm
     */
    private static function folded(array $m, array $legsMm): Extent
    {
        if ($legsMm === []) {
            throw InvalidInput::missing('legs_mm', 'a list of at least one length');
        }
        $t = $m['thickness_mm'];
        $r = $m['bend_radius_mm'] ?? $t;
        $deduction = 2 * ($r + $t) - (M_PI / 2) * ($r + self::K_FACTOR * $t);
        foreach ($legsMm as $i => $leg) {
            Check::above("legs_mm[{$i}]", $leg, count($legsMm) > 1 ? $r + $t : 0, self::LONGEST_MM);
        }
        $flat = self::block($m['length_mm'], array_sum($legsMm) - (count($legsMm) - 1) * $deduction, $t);

        return new Extent($flat->volumeM3, $flat->coatAreaM2, $flat->blastAreaM2, $flat->heatAreaM2, $t, [
            $m['length_mm'],
            max($legsMm),
            count($legsMm) > 1 ? $legsMm[1] : $t,
        ]);
    }

    /** @param  array<string, float>  $m */
    private static function tubeRound(array $m, bool $inside): Extent
    {
        $bore = self::bore($m['od_mm'], $m['wall_mm']);
        $ends = ((2 * M_PI) / 4) * ($m['od_mm'] ** 2 - $bore ** 2);

        return self::tube(
            M_PI * $m['od_mm'] * $m['length_mm'] + $ends,
            M_PI * $bore * $m['length_mm'],
            ($ends / 2) * $m['length_mm'],
            $m['wall_mm'],
            [$m['od_mm'], $m['od_mm'], $m['length_mm']],
            $inside,
        );
    }

    /** @param  array<string, float>  $m */
    private static function tubeRect(array $m, bool $inside): Extent
    {
        $w = self::bore($m['width_mm'], $m['wall_mm']);
        $h = self::bore($m['height_mm'], $m['wall_mm']);
        $ends = 2 * ($m['width_mm'] * $m['height_mm'] - $w * $h);

        return self::tube(
            2 * ($m['width_mm'] + $m['height_mm']) * $m['length_mm'] + $ends,
            2 * ($w + $h) * $m['length_mm'],
            ($ends / 2) * $m['length_mm'],
            $m['wall_mm'],
            [$m['width_mm'], $m['height_mm'], $m['length_mm']],
            $inside,
        );
    }

    /**
     * The inside is blasted and coated only where asked; hot air reaches it only where it is open enough to be coated.
     *
     * @param  array{float, float, float}  $box
     */
    private static function tube(
        float $outerMm2,
        float $innerMm2,
        float $volumeMm3,
        float $wall,
        array $box,
        bool $inside,
    ): Extent {
        $area = ($outerMm2 + ($inside ? $innerMm2 : 0)) * 1e-6;

        return new Extent($volumeMm3 * 1e-9, $area, $area, $area, $wall, $box);
    }

    private static function bore(float $outer, float $wall): float
    {
        return $outer - 2 * Check::above('wall_mm', $wall, 0, $outer / 2);
    }

    /** @param  array<string, float>  $m */
    private static function angle(array $m): Extent
    {
        $t = Check::above('thickness_mm', $m['thickness_mm'], 0, min($m['leg_a_mm'], $m['leg_b_mm']));
        $section = ($m['leg_a_mm'] + $m['leg_b_mm'] - $t) * $t;

        return Extent::solid(
            $section * $m['length_mm'] * 1e-9,
            (2 * ($m['leg_a_mm'] + $m['leg_b_mm']) * $m['length_mm'] + 2 * $section) * 1e-6,
            $t,
            [$m['leg_a_mm'], $m['leg_b_mm'], $m['length_mm']],
        );
    }

    /** @param  array<string, float>  $m */
    private static function ring(array $m): Extent
    {
        $od = $m['od_mm'];
        $id = Check::above('id_mm', $m['id_mm'], 0, 0.999 * $od);
        $face = (M_PI / 4) * ($od ** 2 - $id ** 2);

        return Extent::solid(
            $face * $m['thickness_mm'] * 1e-9,
            (2 * $face + M_PI * ($od + $id) * $m['thickness_mm']) * 1e-6,
            min($m['thickness_mm'], ($od - $id) / 2),
            [$od, $od, $m['thickness_mm']],
        );
    }

    /**
     * A frustum: solid with both ends, or of sheet, open at both, coated inside and out.
     *
     * @param  array<string, float>  $m
     */
    private static function cone(array $m): Extent
    {
        $r = $m['diameter_mm'] / 2;
        $top = ($m['top_diameter_mm'] ?? 0.0) / 2;
        $h = $m['height_mm'];
        $side = M_PI * ($r + $top) * hypot($r - $top, $h);
        $box = [2 * max($r, $top), 2 * max($r, $top), $h];
        if (isset($m['wall_mm'])) {
            Check::above('wall_mm', $m['wall_mm'], 0, $r);

            return Extent::solid($side * $m['wall_mm'] * 1e-9, 2 * $side * 1e-6, $m['wall_mm'], $box);
        }

        return Extent::solid(
            ((M_PI * $h) / 3) * ($r ** 2 + $r * $top + $top ** 2) * 1e-9,
            ($side + M_PI * ($r ** 2 + $top ** 2)) * 1e-6,
            min(2 * $r, $h),
            $box,
        );
    }

    /** @param  array<string, float>  $m */
    private static function sphere(array $m): Extent
    {
        $d = $m['diameter_mm'];
        $hollow = isset($m['wall_mm']) ? self::bore($d, $m['wall_mm']) : 0.0;

        return Extent::solid(
            (M_PI / 6) * ($d ** 3 - $hollow ** 3) * 1e-9,
            M_PI * $d ** 2 * 1e-6,
            $m['wall_mm'] ?? $d,
            [$d, $d, $d],
        );
    }

    /**
     * The open share goes from faces and metal; what the holes' or strands' walls add is about the open area times
     * twice the thickness over the opening, left out where the opening is not known.
     *
     * @param  array<string, float>  $m
     */
    private static function open(array $m): Extent
    {
        $left = 1 - $m['open_share'];
        $edge = 2 * ($m['length_mm'] + $m['width_mm']) * $m['thickness_mm'];

        return Extent::solid(
            $left * $m['length_mm'] * $m['width_mm'] * $m['thickness_mm'] * 1e-9,
            (2 * $left * $m['length_mm'] * $m['width_mm'] + $left * $edge) * 1e-6,
            $m['thickness_mm'],
            [$m['length_mm'], $m['width_mm'], $m['thickness_mm']],
        );
    }

    /** @param  array<string, float>  $m */
    private static function casting(array $m, Metal $metal): Extent
    {
        $density =
            $metal->densityKgPerM3 ?? throw InvalidInput::missing('material', 'a metal whose density is known');
        $area = (float) $metal->areaFromWall($m['mass_kg'], $m['wall_mm']);
        $volume = $m['mass_kg'] / $density;
        $side = 1000 * ($area / 6) ** 0.5;

        return Extent::solid($volume, $area, $m['wall_mm'], [$side, $side, $side]);
    }
}
