<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/**
 * A face of any number of corners, cut into triangles that cover it once: ears are clipped in the plane it lies in, so
 * that a face with a notch is not larger than it is.
 */
final class Polygon
{
    /** A face with more corners is refused: clipping takes time with their square. */
    public const MOST_CORNERS = 2000;

    /**
     * @param  non-empty-list<list<float>>  $corners  three numbers each, in order round the face
     * @return list<array{list<float>, list<float>, list<float>}>
     */
    public static function triangles(array $corners): array
    {
        if (count($corners) === 3) {
            return [[$corners[0], $corners[1], $corners[2]]];
        }
        [$across, $up] = self::flat($corners);
        $left = array_keys($corners);
        $triangles = [];
        while (count($left) > 3) {
            $ear = self::ear($left, $across, $up);
            $n = count($left);
            $triangles[] = [
                $corners[$left[($ear + $n - 1) % $n]],
                $corners[$left[$ear]],
                $corners[$left[($ear + 1) % $n]],
            ];
            array_splice($left, $ear, 1);
        }
        $triangles[] = [$corners[$left[0]], $corners[$left[1]], $corners[$left[2]]];

        return $triangles;
    }

    /**
     * Corners seen along the face's own normal, anticlockwise.
     *
     * @param  non-empty-list<list<float>>  $corners
     * @return array{list<float>, list<float>}
     */
    private static function flat(array $corners): array
    {
        $normal = [0.0, 0.0, 0.0];
        $n = count($corners);
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % $n];
            $normal[0] += ($a[1] - $b[1]) * ($a[2] + $b[2]);
            $normal[1] += ($a[2] - $b[2]) * ($a[0] + $b[0]);
            $normal[2] += ($a[0] - $b[0]) * ($a[1] + $b[1]);
        }
        $size = array_map(abs(...), $normal);
        $axis = (int) array_search(max($size), $size, true);
        [$x, $y] = [[1, 2], [2, 0], [0, 1]][$axis];
        $sign = $normal[$axis] < 0 ? -1.0 : 1.0;

        return [
            array_map(fn (array $corner): float => $sign * $corner[$x], $corners),
            array_map(fn (array $corner): float => $corner[$y], $corners),
        ];
    }

    /**
     * Place of a corner that can be cut off: it turns the way the face does, and nothing lies within it.
     *
     * @param  list<int>  $left
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function ear(array $left, array $x, array $y): int
    {
        $n = count($left);
        $flat = 0;
        foreach ($left as $at => $tip) {
            $a = $left[($at + $n - 1) % $n];
            $b = $left[($at + 1) % $n];
            $turn = self::turn($x[$a], $y[$a], $x[$tip], $y[$tip], $x[$b], $y[$b]);
            if ($turn <= 0) {
                $flat = $turn === 0.0 ? $at : $flat;

                continue;
            }
            if (! self::holdsAny($left, [$a, $tip, $b], $x, $y)) {
                return $at;
            }
        }

        // Nothing but straight runs, or a face that crosses itself: something has to go.
        return $flat;
    }

    /**
     * @param  list<int>  $left
     * @param  array{int, int, int}  $ear
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function holdsAny(array $left, array $ear, array $x, array $y): bool
    {
        [$a, $b, $c] = $ear;
        foreach ($left as $p) {
            if ($p === $a || $p === $b || $p === $c) {
                continue;
            }
            $within = self::turn($x[$a], $y[$a], $x[$b], $y[$b], $x[$p], $y[$p]) >= 0 &&
                self::turn($x[$b], $y[$b], $x[$c], $y[$c], $x[$p], $y[$p]) >= 0 &&
                self::turn($x[$c], $y[$c], $x[$a], $y[$a], $x[$p], $y[$p]) >= 0;
            if ($within) {
                return true;
            }
        }

        return false;
    }

    /** Twice the area of a triangle, positive where it turns anticlockwise. */
    private static function turn(float $ax, float $ay, float $bx, float $by, float $cx, float $cy): float
    {
        return ($bx - $ax) * ($cy - $ay) - ($cx - $ax) * ($by - $ay);
    }
}
