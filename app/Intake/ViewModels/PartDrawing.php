<?php

declare(strict_types=1);

namespace App\Intake\ViewModels;

use Aenum\Core\Geometry\Shape;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Units\Quantity;
use App\Intake\Commands\PartShapes;

/**
 * The shapes of a part side by side at one scale, in an oblique view (depth at 30°, half size).
 *
 * Thicker metal is drawn darker; count and dimensions stand beneath each.
 */
final class PartDrawing
{
    public const WIDTH = 840;

    private const DEPTH = [0.433, -0.25];

    private const GAP = 46.0;

    private const CAPTION = 44.0;

    /** Room above for the ruler. */
    private const RULER = 26.0;

    private float $scale;

    private float $thickest;

    /** Of a part built of shapes; null where it has none. */
    public static function of(PartShapes $built): ?self
    {
        return $built->pieces === [] ? null : new self($built->pieces);
    }

    /** @param  list<array{shape: Shape, count: int, label: string}>  $pieces */
    private function __construct(private readonly array $pieces)
    {
        $sizes = array_map(fn (array $piece): array => $this->size($piece['shape']), $pieces);
        $across = array_sum(array_column($sizes, 0));
        $highest = max(1.0, ...array_column($sizes, 1));
        $room = self::WIDTH - self::GAP * (count($pieces) + 1);
        $this->scale = min($room / max(1.0, $across), 250 / $highest);
        $this->thickest = max(
            1e-6,
            ...array_map(fn (array $piece): float => $piece['shape']->extent->thickestMm, $pieces),
        );
    }

    public function height(): float
    {
        return 2 * 20 +
            self::RULER +
            self::CAPTION +
            $this->scale *
                max(1.0, ...array_map(fn (array $piece): float => $this->size($piece['shape'])[1], $this->pieces));
    }

    /**
     * @return list<array{
     *     x: float, base: float, width: float,
     *     faces: list<array{path: string, shade: float}>,
     *     caption: string, measures: Quantity,
     * }>
     */
    public function pieces(): array
    {
        $x = self::GAP;
        $base = $this->height() - self::CAPTION - 20;
        $drawn = [];
        foreach ($this->pieces as $piece) {
            [$width] = $this->size($piece['shape']);
            $dark = $this->dark($piece['shape']->extent->thickestMm);
            $drawn[] = [
                'x' => $x,
                'base' => $base,
                'width' => $width * $this->scale,
                'faces' => array_map(
                    fn (array $face): array => [
                        'path' => $this->path($face[0], $x, $base),
                        'shade' => round($dark * $face[1], 3),
                    ],
                    $this->faces($piece['shape']),
                ),
                'caption' => $piece['count'].' × '.$piece['label'],
                'measures' => Quantity::sides(...$piece['shape']->extent->boxMm),
            ];
            $x += $width * $this->scale + self::GAP;
        }

        return $drawn;
    }

    /**
     * A bar of so many mm, to read the drawing by.
     *
     * @return array{mm: int, width: float}
     */
    public function ruler(): array
    {
        $mm = 1;
        foreach ([10, 20, 50, 100, 200, 500, 1000, 2000, 5000] as $try) {
            if ($try * $this->scale <= 160) {
                $mm = $try;
            }
        }

        return ['mm' => $mm, 'width' => $mm * $this->scale];
    }

    /**
     * The tones in the drawing and the thickness each stands for, the thinnest first.
     *
     * @return list<array{mm: float, shade: float}>
     */
    public function tones(): array
    {
        $thick = array_unique(
            array_map(fn (array $piece): float => round($piece['shape']->extent->thickestMm, 2), $this->pieces),
        );
        sort($thick);

        return array_map(
            fn (float $mm): array => ['mm' => $mm, 'shade' => round($this->dark($mm) * 0.8, 3)],
            $thick,
        );
    }

    private function dark(float $thickMm): float
    {
        return 0.25 + (0.6 * $thickMm) / $this->thickest;
    }

    /** @return array{float, float} how wide and high the oblique view is, mm */
    private function size(Shape $shape): array
    {
        [$l, $h, $d] = $this->box($shape);

        return [$l + self::DEPTH[0] * $d, $h - self::DEPTH[1] * $d];
    }

    /** @return array{float, float, float} along, up and deep, mm: the longest side lies along */
    private function box(Shape $shape): array
    {
        $box = $shape->extent->boxMm;
        rsort($box);

        return match ($shape->kind) {
            ShapeKind::Cone => [$shape->extent->boxMm[0], $shape->extent->boxMm[2], $shape->extent->boxMm[0]],
            ShapeKind::SheetFolded => [
                $shape->extent->boxMm[0],
                $this->folds($shape)['up'],
                $this->folds($shape)['deep'],
            ],
            ShapeKind::Disc, ShapeKind::Ring => [
                $shape->extent->boxMm[0],
                $shape->extent->boxMm[2],
                $shape->extent->boxMm[0],
            ],
            default => [$box[0], $box[1], $box[2]],
        };
    }

    /**
     * @return list<array{list<array{float, float, float}>, float}> faces as points (along, up, deep) with how light
     *      they are
     */
    private function faces(Shape $shape): array
    {
        [$l, $h, $d] = $this->box($shape);
        $bore =
            isset($shape->measures['wall_mm']) && is_float($shape->measures['wall_mm'])
                ? $shape->measures['wall_mm']
                : null;

        return match ($shape->kind) {
            ShapeKind::TubeRound, ShapeKind::BarRound => $this->rod($l, $h, $bore),
            ShapeKind::Disc, ShapeKind::Ring => $this->puck(
                $l,
                $h,
                isset($shape->measures['id_mm']) && is_float($shape->measures['id_mm'])
                    ? $shape->measures['id_mm']
                    : null,
            ),
            ShapeKind::Cone => $this->cone(
                $l,
                $h,
                is_float($shape->measures['top_diameter_mm'] ?? null) ? $shape->measures['top_diameter_mm'] : 0.0,
            ),
            ShapeKind::Sphere => [[$this->circle($l / 2, $l / 2, $l / 2, 0), 0.8]],
            ShapeKind::Angle => $this->profile(
                [
                    [0, 0],
                    [$d, 0],
                    [$d, $shape->extent->thickestMm],
                    [$shape->extent->thickestMm, $shape->extent->thickestMm],
                    [$shape->extent->thickestMm, $h],
                    [0, $h],
                ],
                $l,
            ),
            ShapeKind::SheetFolded => $this->folded($shape, $l),
            ShapeKind::TubeRect => [...$this->block($l, $h, $d), [$this->endHole($l, $h, $d, $bore ?? 0), 0.15]],
            default => $this->block($l, $h, $d),
        };
    }

    /** @return list<array{list<array{float, float, float}>, float}> */
    private function block(float $l, float $h, float $d): array
    {
        return [
            [[[0, 0, 0], [$l, 0, 0], [$l, $h, 0], [0, $h, 0]], 0.8],
            [[[0, $h, 0], [$l, $h, 0], [$l, $h, $d], [0, $h, $d]], 0.45],
            [[[$l, 0, 0], [$l, 0, $d], [$l, $h, $d], [$l, $h, 0]], 1.0],
        ];
    }

    /**
     * A folded sheet seen from its end: each leg turned a quarter from the one before, as (deep, up) corners from
     * nought.
     *
     * @return array{corners: list<array{float, float}>, deep: float, up: float}
     */
    private function folds(Shape $shape): array
    {
        $at = [0.0, 0.0];
        $corners = [$at];
        foreach ($shape->legsMm as $n => $leg) {
            [$deep, $up] = [[1, 0], [0, 1], [-1, 0], [0, -1]][$n % 4];
            $at = [$at[0] + $deep * $leg, $at[1] + $up * $leg];
            $corners[] = $at;
        }
        $t = $shape->extent->thickestMm;
        [$low, $left] = [min(array_column($corners, 1)), min(array_column($corners, 0))];
        $corners = array_map(fn (array $c): array => [$c[0] - $left, $c[1] - $low], $corners);

        return [
            'corners' => $corners,
            'deep' => max(array_column($corners, 0)) + $t,
            'up' => max(array_column($corners, 1)) + $t,
        ];
    }

    /** @return list<array{list<array{float, float, float}>, float}> a folded sheet, the legs farther back first */
    private function folded(Shape $shape, float $l): array
    {
        $t = $shape->extent->thickestMm;
        $corners = $this->folds($shape)['corners'];
        $legs = [];
        for ($n = 1; $n < count($corners); $n++) {
            [$d0, $d1] = [
                min($corners[$n - 1][0], $corners[$n][0]),
                max($corners[$n - 1][0], $corners[$n][0]) + $t,
            ];
            [$u0, $u1] = [
                min($corners[$n - 1][1], $corners[$n][1]),
                max($corners[$n - 1][1], $corners[$n][1]) + $t,
            ];
            $legs[] = [
                $d0 + $d1 - $u0 / 1000,
                array_map(
                    fn (array $face): array => [
                        array_map(fn (array $p): array => [$p[0], $p[1] + $u0, $p[2] + $d0], $face[0]),
                        $face[1],
                    ],
                    $this->block($l, $u1 - $u0, $d1 - $d0),
                ),
            ];
        }
        usort($legs, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_merge(...array_column($legs, 1));
    }

    /** @return list<array{float, float, float}> */
    private function endHole(float $l, float $h, float $d, float $wall): array
    {
        return [[$l, $wall, $wall], [$l, $wall, $d - $wall], [$l, $h - $wall, $d - $wall], [$l, $h - $wall, $wall]];
    }

    /** @return list<array{list<array{float, float, float}>, float}> a rod lying along, its end to the right */
    private function rod(float $l, float $diameter, ?float $wall): array
    {
        $r = $diameter / 2;
        $end = $this->ring($l, $r, $r);
        $start = $this->ring(0, $r, $r);
        $body = [...array_slice($start, 6, 13), ...array_reverse(array_slice($end, 6, 13))];
        $faces = [
            [$body, 0.7],
            [
                [
                    ...array_slice($start, 0, 7),
                    ...array_slice($start, 18),
                    ...array_reverse([...array_slice($end, 18), ...array_slice($end, 0, 7)]),
                ],
                0.0,
            ],
            [$end, 1.0],
        ];
        if ($wall !== null) {
            $faces[] = [$this->ring($l, $r, $r - $wall), 0.15];
        }

        return array_values(array_filter($faces, fn (array $face): bool => $face[1] > 0));
    }

    /** @return list<array{float, float, float}> a circle across the length */
    private function ring(float $at, float $middle, float $radius): array
    {
        return array_map(
            fn (int $n): array => [
                $at,
                $middle + $radius * sin((2 * M_PI * $n) / 24),
                $middle + $radius * cos((2 * M_PI * $n) / 24),
            ],
            range(0, 24),
        );
    }

    /** @return list<array{list<array{float, float, float}>, float}> a disc lying flat */
    private function puck(float $diameter, float $h, ?float $hole): array
    {
        $r = $diameter / 2;
        $top = $this->level($r, $r, $h);
        $bottom = $this->level($r, $r, 0);
        $faces = [
            [[...array_slice($bottom, 10, 13), ...array_reverse(array_slice($top, 10, 13))], 0.8],
            [$top, 0.5],
        ];
        if ($hole !== null) {
            $faces[] = [$this->level($hole / 2, $r, $h), 0.15];
        }

        return $faces;
    }

    /** @return list<array{list<array{float, float, float}>, float}> */
    private function cone(float $diameter, float $h, float $top): array
    {
        $r = $diameter / 2;
        $bottom = $this->level($r, $r, 0);
        $upper = $this->level(max(0.5, $top / 2), $r, $h);

        return [
            [[...array_slice($bottom, 10, 13), ...array_reverse(array_slice($upper, 10, 13))], 0.8],
            [$upper, 0.5],
        ];
    }

    /** @return list<array{float, float, float}> a circle lying level, seen from the front */
    private function level(float $radius, float $middle, float $up): array
    {
        return array_map(
            fn (int $n): array => [
                $middle + $radius * cos((2 * M_PI * $n) / 24),
                $up,
                $middle + $radius * sin((2 * M_PI * $n) / 24),
            ],
            range(0, 24),
        );
    }

    /** @return list<array{float, float, float}> a circle facing the viewer */
    private function circle(float $radius, float $along, float $up, float $deep): array
    {
        return array_map(
            fn (int $n): array => [
                $along + $radius * cos((2 * M_PI * $n) / 36),
                $up + $radius * sin((2 * M_PI * $n) / 36),
                $deep,
            ],
            range(0, 36),
        );
    }

    /**
     * @param  list<array{float|int, float|int}>  $section  deep and up
     * @return list<array{list<array{float, float, float}>, float}> a profile pulled along
     */
    private function profile(array $section, float $l): array
    {
        $faces = [];
        foreach ($section as $n => [$d, $h]) {
            [$d2, $h2] = $section[($n + 1) % count($section)];
            $faces[] = [
                [
                    [0.0, (float) $h, (float) $d],
                    [$l, (float) $h, (float) $d],
                    [$l, (float) $h2, (float) $d2],
                    [0.0, (float) $h2, (float) $d2],
                ],
                $h === $h2 ? 0.45 : 0.8,
            ];
        }
        $faces[] = [array_map(fn (array $p): array => [$l, (float) $p[1], (float) $p[0]], $section), 1.0];

        return array_reverse($faces);
    }

    /** @param  list<array{float, float, float}>  $points */
    private function path(array $points, float $x, float $base): string
    {
        $path = '';
        foreach ($points as $n => [$along, $up, $deep]) {
            $path .=
                ($n === 0 ? 'M' : 'L').
                round($x + $this->scale * ($along + self::DEPTH[0] * $deep), 1).
                ' '.
                round($base - $this->scale * ($up - self::DEPTH[1] * $deep), 1);
        }

        return $path.'Z';
    }
}
