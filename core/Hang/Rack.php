<?php

declare(strict_types=1);

namespace Aenum\Core\Hang;

use Aenum\Core\Unit\Check;

/**
 * Parts hung on one rack: how many, what they weigh on hook and rail, and how much of the oven's wall the innermost sees.
 *
 * Each part is taken as its bounding box. What one face sees of the facing neighbour is the view factor of two equal,
 * directly opposed rectangles; neighbours are as hot as the part itself, so what it sees of them is no heat. Formula:
 * catalogues of radiation view factors, two aligned parallel rectangles.
 */
final readonly class Rack
{
    /** Hooks, bars and the rack's own steel always stand in the way of a little. House figure. */
    private const HOOKS_SHADE = 0.05;

    /** Parts closer than this touch when the rack swings, mm. */
    public const LEAST_GAP_MM = 50.0;

    private function __construct(
        public int $across,
        public int $rows,
        public float $pitchMm,
        public float $dropMm,
        /** Share of the part's box that sees the oven, 0 to 1: the bake's view factor. */
        public float $viewFactor,
        public float $lengthMm,
        public float $heightMm,
        public float $hookKg,
        public float $rackKg,
        public float $gapMm,
        public float $rowGapMm,
        /** @var list<string> what is wrong with it */
        public array $wrong,
    ) {
    }

    /**
     * @param  array{float, float, float}  $boxMm  along the rail, up, and across the rail
     * @param  int  $across  pieces side by side along the rail
     * @param  int  $rows  one below the other
     * @param  float  $pitchMm  centre to centre along the rail
     * @param  float  $dropMm  centre to centre downwards
     * @param  array{hook_kg?: ?float, rail_kg?: ?float, oven_mm?: array{float, float, float}|null, lift_kg?: ?float}  $shop
     */
    public static function of(array $boxMm, float $massKg, int $across, int $rows, float $pitchMm, float $dropMm, int $hooksEach, array $shop = []): self
    {
        [$along, $up, $deep] = array_map(fn (float $mm): float => Check::above('box_mm', $mm, 0, 50000), $boxMm);
        Check::between('across', $across, 1, 200);
        Check::between('rows', $rows, 1, 50);
        Check::between('hooks', $hooksEach, 1, 20);
        Check::above('pitch', $pitchMm, 0, 50000);
        Check::above('drop', $dropMm, 0, 50000);
        $gap = $across > 1 ? $pitchMm - $along : INF;
        $rowGap = $rows > 1 ? $dropMm - $up : INF;
        $box = 2 * ($along * $up + $up * $deep + $along * $deep);
        $seen = 0.0;
        if ($across > 1) {
            $seen += min(2, $across - 1) * $deep * $up * self::opposed($deep, $up, max(1.0, $gap));
        }
        if ($rows > 1) {
            $seen += min(2, $rows - 1) * $along * $deep * self::opposed($along, $deep, max(1.0, $rowGap));
        }
        $hookKg = $massKg / $hooksEach;
        $rackKg = $massKg * $across * $rows;
        $length = ($across - 1) * $pitchMm + $along;
        $height = ($rows - 1) * $dropMm + $up;

        return new self($across, $rows, $pitchMm, $dropMm, max(0.05, (1 - self::HOOKS_SHADE) * (1 - $seen / $box)), $length, $height, $hookKg, $rackKg, $gap, $rowGap, self::wrong($gap, $rowGap, $hookKg, $rackKg, $massKg, [$length, $height, $deep], $shop));
    }

    /** View factor between two equal rectangles a by b, directly opposed at a distance c. */
    public static function opposed(float $a, float $b, float $c): float
    {
        [$x, $y] = [$a / $c, $b / $c];
        [$rx, $ry] = [sqrt(1 + $x ** 2), sqrt(1 + $y ** 2)];

        return 2 / (M_PI * $x * $y) * (log(sqrt((1 + $x ** 2) * (1 + $y ** 2) / (1 + $x ** 2 + $y ** 2))) + $x * $ry * atan($x / $ry) + $y * $rx * atan($y / $rx) - $x * atan($x) - $y * atan($y));
    }

    /**
     * @param  array{float, float, float}  $size
     * @param  array{hook_kg?: ?float, rail_kg?: ?float, oven_mm?: array{float, float, float}|null, lift_kg?: ?float}  $shop
     * @return list<string>
     */
    private static function wrong(float $gap, float $rowGap, float $hookKg, float $rackKg, float $massKg, array $size, array $shop): array
    {
        $oven = $shop['oven_mm'] ?? null;
        if ($oven !== null) {
            sort($size);
            sort($oven);
        }

        return array_values(array_filter([
            $gap < self::LEAST_GAP_MM ? sprintf('Only %.0f mm between neighbours: they touch when the rack swings, and shade each other. Give %.0f mm and more.', $gap, self::LEAST_GAP_MM) : null,
            $rowGap < self::LEAST_GAP_MM ? sprintf('Only %.0f mm between rows: what drips or drops hits the row below. Give %.0f mm and more.', $rowGap, self::LEAST_GAP_MM) : null,
            isset($shop['hook_kg']) && $hookKg > $shop['hook_kg'] ? sprintf('A hook has %.1f kg on it and carries %.1f kg. Use more hooks, or jig it.', $hookKg, $shop['hook_kg']) : null,
            isset($shop['rail_kg']) && $rackKg > $shop['rail_kg'] ? sprintf('The rack comes to %.0f kg and the rail carries %.0f kg. Hang fewer.', $rackKg, $shop['rail_kg']) : null,
            isset($shop['lift_kg']) && $massKg > $shop['lift_kg'] ? sprintf('One piece is %.0f kg: two people or a hoist.', $massKg) : null,
            $oven !== null && ($size[0] > $oven[0] || $size[1] > $oven[1] || $size[2] > $oven[2]) ? sprintf('The rack is %.0f × %.0f mm and does not go into the oven.', $size[1], $size[2]) : null,
        ]));
    }
}
