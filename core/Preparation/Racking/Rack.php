<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Racking;

/**
 * Parts hung on one rack: how many, what they weigh on hook and rail, and how much of the oven's wall the innermost
 * sees.
 *
 * Each part is taken as its bounding box. What one face sees of the facing neighbour is the view factor of two equal,
 * directly opposed rectangles; neighbours are as hot as the part itself, so what it sees of them is no heat. Formula:
 * catalogues of radiation view factors, two aligned parallel rectangles.
 */
final readonly class Rack
{
    /** Hooks, bars and the rack's own steel always stand in the way of a little. House figure. */
    private const HOOKS_SHADE = 0.05;

    /** Parts closer than this touch when the rack swings, mm. House figure. */
    public const LEAST_GAP_MM = 50.0;

    /** More than this is for two people or a hoist, kg. House limit; local rules on lifting come first. */
    public const LIFT_KG = 25.0;

    /** The least the innermost part sees, however it hangs: convection finds a way, and so does some light. */
    private const LEAST_VIEW = 0.05;

    private function __construct(
        public RackSetting $set,
        /** Share of the part's box that sees the oven, 0 to 1: the bake's view factor. */
        public float $viewFactor,
        public float $lengthMm,
        public float $heightMm,
        public float $hookKg,
        public float $rackKg,
        public float $gapMm,
        public float $rowGapMm,
    ) {
    }

    /** @param  float  $massKg  of one piece */
    public static function of(RackSetting $set, float $massKg): self
    {
        [$along, $up] = $set->boxMm;
        $gap = $set->across > 1 ? $set->pitchMm - $along : INF;
        $rowGap = $set->rows > 1 ? $set->dropMm - $up : INF;

        return new self(
            $set,
            self::view($set, $gap, $rowGap),
            ($set->across - 1) * $set->pitchMm + $along,
            ($set->rows - 1) * $set->dropMm + $up,
            $massKg / $set->hooks,
            $massKg * $set->across * $set->rows,
            $gap,
            $rowGap,
        );
    }

    /**
     * The whole rack as a box.
     *
     * @return array{float, float, float} mm: along the rail, up, and across it
     */
    public function boxMm(): array
    {
        return [$this->lengthMm, $this->heightMm, $this->set->boxMm[2]];
    }

    /**
     * Whether it goes into an oven as it hangs: along the rail or across it, never laid down.
     *
     * @param  array{float, float, float}  $roomMm  inside: width, height, depth, mm
     */
    public function fitsIn(array $roomMm): bool
    {
        [$wide, $high, $deep] = $roomMm;
        [$length, $up, $across] = $this->boxMm();

        return $up <= $high && min($length, $across) <= min($wide, $deep) && max($length, $across) <= max($wide, $deep);
    }

    /** Racks for so many pieces. */
    public function racksFor(int $pieces): int
    {
        return (int) ceil($pieces / ($this->set->across * $this->set->rows));
    }

    /** More than one person should lift. */
    public static function isHeavy(float $massKg): bool
    {
        return $massKg > self::LIFT_KG;
    }

    /** What the innermost part sees of the oven, its neighbours and hooks standing in the way. */
    private static function view(RackSetting $set, float $gap, float $rowGap): float
    {
        [$along, $up, $deep] = $set->boxMm;
        $hidden = 0.0;
        if ($set->across > 1) {
            $hidden += min(2, $set->across - 1) * $deep * $up * self::opposed($deep, $up, max(1.0, $gap));
        }
        if ($set->rows > 1) {
            $hidden += min(2, $set->rows - 1) * $along * $deep * self::opposed($along, $deep, max(1.0, $rowGap));
        }
        $box = 2 * ($along * $up + $up * $deep + $along * $deep);

        return max(self::LEAST_VIEW, (1 - self::HOOKS_SHADE) * (1 - $hidden / $box));
    }

    /** View factor between two equal rectangles a by b, directly opposed at a distance c; any one unit of length. */
    public static function opposed(float $a, float $b, float $c): float
    {
        [$x, $y] = [$a / $c, $b / $c];
        [$rx, $ry] = [sqrt(1 + $x ** 2), sqrt(1 + $y ** 2)];

        return (2 / (M_PI * $x * $y)) *
            (log(sqrt(((1 + $x ** 2) * (1 + $y ** 2)) / (1 + $x ** 2 + $y ** 2))) +
                $x * $ry * atan($x / $ry) +
                $y * $rx * atan($y / $rx) -
                $x * atan($x) -
                $y * atan($y));
    }
}
