<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** Where a line across the plane meets a triangle: what lies outside of it need not be looked at. */
final class Span
{
    /**
     * Corners as (along, across): the line stands at a place along.
     *
     * @return array{float, float} from, to, across; the wrong way round where it meets nothing
     */
    public static function across(
        float $at,
        float $a,
        float $acrossA,
        float $b,
        float $acrossB,
        float $c,
        float $acrossC,
    ): array {
        $from = INF;
        $to = -INF;
        if (($at - $a) * ($at - $b) <= 0 && $a !== $b) {
            $from = $to = $acrossA + ($at - $a) / ($b - $a) * ($acrossB - $acrossA);
        }
        if (($at - $b) * ($at - $c) <= 0 && $b !== $c) {
            $met = $acrossB + ($at - $b) / ($c - $b) * ($acrossC - $acrossB);
            [$from, $to] = [min($from, $met), max($to, $met)];
        }
        if (($at - $c) * ($at - $a) <= 0 && $c !== $a) {
            $met = $acrossC + ($at - $c) / ($a - $c) * ($acrossA - $acrossC);
            [$from, $to] = [min($from, $met), max($to, $met)];
        }

        return $from <= $to ? [$from, $to] : [0.0, -2.0];
    }
}
