<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** Two takers of one reading. */
final readonly class BothSinks implements TriangleSink
{
    public function __construct(private TriangleSink $one, private TriangleSink $other)
    {
    }

    /** Takes in one triangle, as both of them do. */
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
        $this->one->add($ax, $ay, $az, $bx, $by, $bz, $cx, $cy, $cz);
        $this->other->add($ax, $ay, $az, $bx, $by, $bz, $cx, $cy, $cz);
    }
}
