<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** A shape's faces as triangles, mm, standing on the ground with its corner at a place: enough to be looked at. */
final class ShapeSolid
{
    private const ROUND = 28;

    /** @var list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}> */
    private array $triangles = [];

    /** @var array{float, float, float} corner of its box, mm */
    private array $least = [INF, INF, INF];

    /** @var array{float, float, float} the corner across from it, mm */
    private array $most = [-INF, -INF, -INF];

    private function __construct()
    {
    }

    /** Where a casting is known only by its weight it is its box. */
    public static function of(Shape $shape): self
    {
        $solid = new self();
        $m = array_filter($shape->measures, is_float(...));
        [$long, $high, $deep] = $shape->extent->boxMm;
        match ($shape->kind) {
            ShapeKind::BarRound => $solid->turned([
                [0, $m['diameter_mm'] / 2], [$m['length_mm'], $m['diameter_mm'] / 2],
            ]),
            ShapeKind::TubeRound => $solid->pipe($m['od_mm'] / 2, $m['od_mm'] / 2 - $m['wall_mm'], $m['length_mm']),
            ShapeKind::Ring => $solid->pipe($m['od_mm'] / 2, $m['id_mm'] / 2, $m['thickness_mm']),
            ShapeKind::Disc => $solid->turned([
                [0, $m['diameter_mm'] / 2], [$m['thickness_mm'], $m['diameter_mm'] / 2],
            ]),
            ShapeKind::Cone => $solid->turned([
                [0, $m['diameter_mm'] / 2], [$m['height_mm'], ($m['top_diameter_mm'] ?? 0.0) / 2],
            ]),
            ShapeKind::Sphere => $solid->ball($m['diameter_mm'] / 2),
            ShapeKind::TubeRect => $solid->frame($m['length_mm'], $m['width_mm'], $m['height_mm'], $m['wall_mm']),
            ShapeKind::Angle => $solid->angle(
                $m['length_mm'],
                $m['leg_a_mm'],
                $m['leg_b_mm'],
                $m['thickness_mm'],
            ),
            ShapeKind::SheetFolded => $solid->folds($m['length_mm'], $shape->legsMm, $m['thickness_mm']),
            default => $solid->block([0, 0, 0], [$long, $high, $deep]),
        };

        return $solid;
    }

    /** Feeds it, moved to its place in the row: the shapes lie beside each other, their lengths the same way. */
    public function into(TriangleSink $sink, float $besideMm): void
    {
        foreach ($this->triangles as [$a, $b, $c]) {
            $sink->add(
                $a[0], $a[1] + $besideMm, $a[2],
                $b[0], $b[1] + $besideMm, $b[2],
                $c[0], $c[1] + $besideMm, $c[2],
            );
        }
    }

    /** @return array{array{float, float, float}, array{float, float, float}} corners of its box, mm */
    public function box(): array
    {
        return [$this->least, $this->most];
    }

    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    private function block(array $from, array $to): void
    {
        [$x, $y, $z] = $from;
        [$u, $v, $w] = $to;
        $this->quad([$x, $y, $z], [$x, $v, $z], [$u, $v, $z], [$u, $y, $z]);
        $this->quad([$x, $y, $w], [$u, $y, $w], [$u, $v, $w], [$x, $v, $w]);
        $this->quad([$x, $y, $z], [$u, $y, $z], [$u, $y, $w], [$x, $y, $w]);
        $this->quad([$x, $v, $z], [$x, $v, $w], [$u, $v, $w], [$u, $v, $z]);
        $this->quad([$x, $y, $z], [$x, $y, $w], [$x, $v, $w], [$x, $v, $z]);
        $this->quad([$u, $y, $z], [$u, $v, $z], [$u, $v, $w], [$u, $y, $w]);
    }

    /** @param  list<array{float, float}>  $profile  along the axis, and the radius there; closed at both ends */
    private function turned(array $profile): void
    {
        $last = count($profile) - 1;
        $this->skin([[$profile[0][0], 0.0], ...$profile, [$profile[$last][0], 0.0]]);
    }

    private function pipe(float $outer, float $inner, float $length): void
    {
        $this->skin([[0, $inner], [0, $outer], [$length, $outer], [$length, $inner], [0, $inner]]);
    }

    private function ball(float $radius): void
    {
        $this->skin(array_map(
            fn (int $n): array => [
                $radius * (1 - cos(M_PI * $n / 12)),
                $radius * sin(M_PI * $n / 12),
            ],
            range(0, 12),
        ));
    }

    /** @param  list<array{float|int, float|int}>  $profile */
    private function skin(array $profile): void
    {
        foreach (array_slice($profile, 1) as $k => $to) {
            for ($n = 0; $n < self::ROUND; $n++) {
                $this->quad(
                    self::around($profile[$k], $n),
                    self::around($to, $n),
                    self::around($to, $n + 1),
                    self::around($profile[$k], $n + 1),
                );
            }
        }
    }

    /**
     * @param  array{float|int, float|int}  $point
     * @return array{float, float, float}
     */
    private static function around(array $point, int $n): array
    {
        $turn = 2 * M_PI * $n / self::ROUND;

        return [(float) $point[0], $point[1] * cos($turn), $point[1] * sin($turn)];
    }

    private function frame(float $long, float $wide, float $high, float $wall): void
    {
        $this->block([0, 0, 0], [$long, $wide, $wall]);
        $this->block([0, 0, $high - $wall], [$long, $wide, $high]);
        $this->block([0, 0, $wall], [$long, $wall, $high - $wall]);
        $this->block([0, $wide - $wall, $wall], [$long, $wide, $high - $wall]);
    }

    private function angle(float $long, float $a, float $b, float $thick): void
    {
        $this->block([0, 0, 0], [$long, $a, $thick]);
        $this->block([0, 0, $thick], [$long, $thick, $b]);
    }

    /**
     * Legs turn by a right angle at each fold, up and across in turn.
     *
     * @param  list<float>  $legs  outside lengths, mm
     */
    private function folds(float $long, array $legs, float $thick): void
    {
        $y = $z = 0.0;
        foreach ($legs as $n => $leg) {
            if ($n % 2 === 0) {
                $this->block([0, $y, $z], [$long, $y + $leg, $z + $thick]);
                $y += $leg - $thick;
            } else {
                $this->block([0, $y, $z], [$long, $y + $thick, $z + $leg]);
                $z += $leg - $thick;
            }
        }
    }

    /**
     * @param  array{float|int, float|int, float|int}  $a
     * @param  array{float|int, float|int, float|int}  $b
     * @param  array{float|int, float|int, float|int}  $c
     * @param  array{float|int, float|int, float|int}  $d
     */
    private function quad(array $a, array $b, array $c, array $d): void
    {
        [$a, $b, $c, $d] = [self::point($a), self::point($b), self::point($c), self::point($d)];
        $this->triangles[] = [$a, $b, $c];
        $this->triangles[] = [$a, $c, $d];
        foreach ([$a, $b, $c, $d] as [$x, $y, $z]) {
            $this->least = [min($this->least[0], $x), min($this->least[1], $y), min($this->least[2], $z)];
            $this->most = [max($this->most[0], $x), max($this->most[1], $y), max($this->most[2], $z)];
        }
    }

    /**
     * @param  array{float|int, float|int, float|int}  $at
     * @return array{float, float, float}
     */
    private static function point(array $at): array
    {
        return [(float) $at[0], (float) $at[1], (float) $at[2]];
    }
}
