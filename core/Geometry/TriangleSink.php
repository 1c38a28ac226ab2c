<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** Takes a mesh's triangles one at a time, in the file's unit. */
interface TriangleSink
{
    /** Takes in one triangle, corners in metres. */
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
    ): void;
}
