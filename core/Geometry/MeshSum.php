<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

use Aenum\Core\Units\InvalidInput;

/**
 * Adds up triangles as they come, in memory that does not grow with their number.
 *
 * Area is half the cross product, volume the divergence theorem about the first corner met. Closedness needs no list
 * of edges: each edge has a 64-bit fingerprint, and the fingerprints of all edges, taken by exclusive or, vanish when
 * every edge is met an even number of times; added with the sign of their direction, they vanish when each is met as
 * often one way as the other. A false "closed" would need a collision of fingerprints (about 1 in 10¹⁹).
 */
final class MeshSum implements TriangleSink
{
    private const LARGEST_M = 200.0;

    private const SMALLEST_M = 0.001;

    private float $area = 0.0;

    private float $volume = 0.0;

    private int $triangles = 0;

    private int $degenerate = 0;

    private int $parity = 0;

    private int $low = 0;

    private int $high = 0;

    /** @var array{float, float, float}|null */
    private ?array $origin = null;

    /** @var array{float, float, float} */
    private array $least = [INF, INF, INF];

    /** @var array{float, float, float} */
    private array $most = [-INF, -INF, -INF];

    /** @param  float  $unitM metres in the file's unit */
    public function __construct(private readonly float $unitM)
    {
    }

    /**
     * One triangle, in the file's unit.
     *
     * @throws InvalidInput where a corner is not a number or the part would be over 200 m across
     */
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
        $sum = $ax + $ay + $az + $bx + $by + $bz + $cx + $cy + $cz;
        if (! is_finite($sum)) {
            throw InvalidInput::unreadable(
                'triangle '.($this->triangles + 1),
                'has a corner that is not a number',
                'finite coordinates',
            );
        }
        $this->triangles++;
        $this->least = [
            min($this->least[0], $ax, $bx, $cx),
            min($this->least[1], $ay, $by, $cy),
            min($this->least[2], $az, $bz, $cz),
        ];
        $this->most = [
            max($this->most[0], $ax, $bx, $cx),
            max($this->most[1], $ay, $by, $cy),
            max($this->most[2], $az, $bz, $cz),
        ];
        $a = pack('e3', $ax + 0.0, $ay + 0.0, $az + 0.0);
        $b = pack('e3', $bx + 0.0, $by + 0.0, $bz + 0.0);
        $c = pack('e3', $cx + 0.0, $cy + 0.0, $cz + 0.0);
        $this->edge($a, $b);
        $this->edge($b, $c);
        $this->edge($c, $a);
        [$ox, $oy, $oz] = $this->origin ??= [$ax, $ay, $az];
        $ux = $bx - $ax;
        $uy = $by - $ay;
        $uz = $bz - $az;
        $vx = $cx - $ax;
        $vy = $cy - $ay;
        $vz = $cz - $az;
        $nx = $uy * $vz - $uz * $vy;
        $ny = $uz * $vx - $ux * $vz;
        $nz = $ux * $vy - $uy * $vx;
        $double = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
        if ($double <= 0.0) {
            $this->degenerate++;

            return;
        }
        $this->area += $double;
        $this->volume += ($ax - $ox) * $nx + ($ay - $oy) * $ny + ($az - $oz) * $nz;
    }

    /** @throws InvalidInput where there was nothing, or nothing with an area */
    public function total(): Mesh
    {
        if ($this->triangles === 0 || $this->area <= 0) {
            throw InvalidInput::unreadable(
                '',
                $this->triangles === 0 ? 'has no triangles' : 'has only triangles without area',
                'a mesh of at least one triangle with an area',
            );
        }
        $box = array_map(
            fn (float $most, float $least): float => ($most - $least) * $this->unitM,
            $this->most,
            $this->least,
        );
        if (max($box) > self::LARGEST_M) {
            throw InvalidInput::unreadable(
                '',
                sprintf('is %.3g m across', max($box)),
                'at most '.self::LARGEST_M.' m; is the unit right (--unit mm, in or m)?',
            );
        }
        if (max($box) < self::SMALLEST_M) {
            throw InvalidInput::unreadable(
                '',
                sprintf('is %.3g mm across', 1000 * max($box)),
                'at least '.(1000 * self::SMALLEST_M).' mm; is the unit right (--unit mm, in or m)?',
            );
        }
        $closed = $this->parity === 0;
        $agree = $closed && $this->low === 0 && $this->high === 0;
        $volume = ($this->volume / 6) * $this->unitM ** 3;

        return new Mesh(
            ($this->area / 2) * $this->unitM ** 2,
            $agree ? abs($volume) : null,
            [1000 * $box[0], 1000 * $box[1], 1000 * $box[2]],
            $closed,
            $agree && $volume < 0,
            $this->triangles,
            $this->degenerate,
        );
    }

    /** @return array{float, float, float} the least corner, in the file's unit */
    public function least(): array
    {
        return $this->least;
    }

    /** @return array{float, float, float} the greatest corner, in the file's unit */
    public function most(): array
    {
        return $this->most;
    }

    private function edge(string $from, string $to): void
    {
        $order = strcmp($from, $to);
        if ($order === 0) {
            return;
        }
        /** @var array{1: int} $parts */
        $parts = unpack('J', hash('xxh3', $order < 0 ? $from.$to : $to.$from, true));
        $print = $parts[1];
        $this->parity ^= $print;
        $sign = $order < 0 ? 1 : -1;
        $this->low += $sign * ($print & 0xFFFFFFFF);
        $this->high += $sign * (($print >> 32) & 0xFFFFFFFF);
    }
}
