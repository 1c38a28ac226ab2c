<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** A mesh as drawn on a grid of cells: SVG paths by tone, from dark to light, or from thin to thick. */
final readonly class MeshDrawing
{
    /**
     * @param  float  $widthMm  what the columns span
     * @param  list<string>  $light
     * @param  list<string>  $through
     * @param  float  $thickestMm  most metal along a line of sight
     */
    public function __construct(
        public int $columns,
        public int $rows,
        public float $widthMm,
        public array $light,
        public array $through,
        public float $thickestMm,
    ) {
    }
}
