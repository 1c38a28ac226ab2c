<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/**
 * Finds bodies of one mesh that lie in each other: their area and volume would be counted twice.
 *
 * Rays run through the box along z on a grid. Along a ray every face met from outside goes one body deeper and every
 * face met from inside comes out of one; two deep is a place that is in two bodies. What is smaller across than a cell
 * of the grid can be missed.
 */
final class Overlaps implements TriangleSink
{
    /** Rays across the longer side of the box. House figure: one in sixty of its length. */
    private const RAYS = 60;

    /** Rays in two bodies before it is said: one alone may be rounding. */
    private const ENOUGH = 2;

    /** Less than this of a cell is rounding. */
    private const HAIR = 1e-3;

    /** Rays stand off the cell middles, where edges of round numbers are rare. */
    private const OFF = 0.3819660113;

    /** @var array<int, list<array{float, int}>> by ray: where a face is met, and whether it goes in or out */
    private array $met = [];

    private readonly float $cell;

    private readonly Work $work;

    private readonly Work $kept;

    /**
     * @param  array{float, float, float}  $least  corners of the bounding box
     * @param  array{float, float, float}  $most
     */
    public function __construct(private readonly array $least, array $most)
    {
        $this->work = new Work(Work::CELLS);
        $this->kept = new Work(Work::MET);
        $this->cell = max(1e-12, $most[0] - $least[0], $most[1] - $least[1]) / self::RAYS;
    }

    /** Takes in one triangle, corners in the unit of the box. */
    public function add(
        float $ax,
        float $ay,
        float $az,
        float $bx,
        float $by,
        float $bz,
        float $cx,
        float $cy,
        float $cz,
    ): void {
        $double = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        if ($double == 0.0) {
            return;
        }
        $fromX = (int) ceil((min($ax, $bx, $cx) - $this->least[0]) / $this->cell - self::OFF);
        $toX = (int) ceil((max($ax, $bx, $cx) - $this->least[0]) / $this->cell - self::OFF);
        if ($fromX === $toX) {
            return;
        }
        $fromY = (int) ceil((min($ay, $by, $cy) - $this->least[1]) / $this->cell - self::OFF);
        $toY = (int) ceil((max($ay, $by, $cy) - $this->least[1]) / $this->cell - self::OFF);
        for ($i = $fromX; $i < $toX; $i++) {
            $x = $this->least[0] + ($i + self::OFF) * $this->cell;
            [$from, $to] = Span::across($x, $ax, $ay, $bx, $by, $cx, $cy);
            $last = (int) min($toY, ceil(($to - $this->least[1]) / $this->cell - self::OFF) + 1);
            $j = (int) max($fromY, floor(($from - $this->least[1]) / $this->cell - self::OFF));
            $this->work->spend(max(0, $last - $j) + 1);
            for (; $j < $last; $j++) {
                $y = $this->least[1] + ($j + self::OFF) * $this->cell;
                // Measured edge by edge, so that two triangles that share an edge agree which of them holds it.
                $a = self::side($x, $y, $bx, $by, $cx, $cy, $double > 0);
                $b = self::side($x, $y, $cx, $cy, $ax, $ay, $double > 0);
                $c = self::side($x, $y, $ax, $ay, $bx, $by, $double > 0);
                if ($a !== null && $b !== null && $c !== null) {
                    $z = ($a * $az + $b * $bz + $c * $cz) / abs($double);
                    // A face that looks down is where a ray upwards goes in.
                    $this->kept->spend(1);
                    $this->met[$i * 4096 + $j][] = [$z, $double < 0 ? 1 : -1];
                }
            }
        }
    }

    /**
     * Returns twice the area that a point spans with the edge from (px, py) to (qx, qy), at least 0, or null where the
     * point lies outside the edge. An edge and its reverse give exactly opposite values, and a point on the edge is
     * outside exactly one of the two: no ray is counted twice, or not at all, where faces meet.
     */
    private static function side(
        float $x,
        float $y,
        float $px,
        float $py,
        float $qx,
        float $qy,
        bool $counterclockwise,
    ): ?float {
        $rises = $qy > $py || ($qy === $py && $qx > $px);
        $area = $rises
            ? ($px - $x) * ($qy - $y) - ($py - $y) * ($qx - $x)
            : -(($qx - $x) * ($py - $y) - ($qy - $y) * ($px - $x));
        $area = $counterclockwise ? $area : -$area;

        return $area > 0.0 || ($area === 0.0 && $rises === $counterclockwise) ? abs($area) : null;
    }

    /**
     * Whether rays are in two bodies at once.
     *
     * @param  bool  $inverted  the faces look inwards, all of them
     */
    public function found(bool $inverted): bool
    {
        $rays = 0;
        foreach ($this->met as $faces) {
            usort($faces, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $deep = 0;
            foreach ($faces as $n => [$z, $step]) {
                $deep += $inverted ? -$step : $step;
                // Where two bodies only touch, the one may seem to begin a hair before the other ends.
                if ($deep > 1 && ($faces[$n + 1][0] ?? $z) - $z > self::HAIR * $this->cell) {
                    $rays++;

                    break;
                }
            }
        }

        return $rays >= self::ENOUGH;
    }
}
