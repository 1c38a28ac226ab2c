<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/**
 * A mesh or shapes as few enough triangles to turn on a screen: every one of a small mesh; of a large one those left
 * when corners that share a cell of a fine grid are drawn together.
 *
 * Memory is the grid's, whatever the number of triangles.
 */
final class Facets implements TriangleSink
{
    /** As many are kept as they are. */
    public const MOST = 8000;

    /** Cells along the longest side of the box where there are more. */
    private const GRID = 40;

    /** The longest side of the box, in the numbers a screen gets. */
    private const SPAN = 20000.0;

    /** @var list<array{float, float, float, float, float, float, float, float, float}> */
    private array $exact = [];

    private int $seen = 0;

    /** @var array<string, list<int>> three corners, by the cells they fall in */
    private array $drawn = [];

    private readonly float $longest;

    /**
     * @param  array{float, float, float}  $least  corners of the bounding box
     * @param  array{float, float, float}  $most
     */
    public function __construct(private readonly array $least, private readonly array $most)
    {
        $this->longest = max(1e-12, $most[0] - $least[0], $most[1] - $least[1], $most[2] - $least[2]);
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
        $this->seen++;
        if ($this->seen <= self::MOST) {
            $this->exact[] = [$ax, $ay, $az, $bx, $by, $bz, $cx, $cy, $cz];
        }
        $corners = [$this->cell($ax, $ay, $az), $this->cell($bx, $by, $bz), $this->cell($cx, $cy, $cz)];
        if (count(array_unique($corners)) === 3) {
            $key = $corners;
            sort($key);
            $this->drawn[implode('-', $key)] ??= $corners;
        }
    }

    /** How many triangles are left. */
    public function count(): int
    {
        return intdiv(strlen($this->bytes()), 18);
    }

    /** Three corners a triangle, three 16-bit numbers a corner, the low byte first, the middle of the box at nought. */
    public function bytes(): string
    {
        $numbers = '';
        if ($this->seen <= self::MOST) {
            foreach ($this->exact as $corners) {
                foreach ($corners as $n => $at) {
                    $numbers .= self::number(($at - $this->middle($n % 3)) / $this->longest);
                }
            }

            return $numbers;
        }
        foreach ($this->drawn as $corners) {
            foreach ($corners as $cell) {
                foreach ([$cell % 64, intdiv($cell, 64) % 64, intdiv($cell, 4096)] as $n => $at) {
                    $place = $this->least[$n] + ($at / self::GRID) * $this->longest;
                    $numbers .= self::number(($place - $this->middle($n)) / $this->longest);
                }
            }
        }

        return $numbers;
    }

    private function middle(int $axis): float
    {
        return ($this->least[$axis] + $this->most[$axis]) / 2;
    }

    private function cell(float $x, float $y, float $z): int
    {
        $at = fn (float $v, int $n): int => (int) round(self::GRID * ($v - $this->least[$n]) / $this->longest);

        return $at($x, 0) + 64 * $at($y, 1) + 4096 * $at($z, 2);
    }

    private static function number(float $share): string
    {
        return pack('v', (int) round(self::SPAN * $share) & 0xFFFF);
    }
}
