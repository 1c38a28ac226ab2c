<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** What a triangle mesh comes to. Lengths in m, volume only where the mesh is closed. */
final readonly class Mesh
{
    /** @param  array{float, float, float}  $boxMm */
    public function __construct(
        public float $areaM2,
        /** Null where the mesh is open or its facets do not agree on which side is out. */
        public ?float $volumeM3,
        public array $boxMm,
        /** Every edge is shared by an even number of facets. */
        public bool $closed,
        /** The facets agree, but inwards. */
        public bool $inverted,
        public int $triangles,
        /** Facets with no area. */
        public int $degenerate,
        /** Bodies of it lie in each other, so that area and volume count some of it twice; null where it is open. */
        public ?bool $overlapping = null,
    ) {
    }

    /** The same, looked at for bodies in each other. */
    public function with(Overlaps $overlaps): self
    {
        return new self(
            $this->areaM2,
            $this->volumeM3,
            $this->boxMm,
            $this->closed,
            $this->inverted,
            $this->triangles,
            $this->degenerate,
            $this->volumeM3 === null ? null : $overlaps->found($this->inverted),
        );
    }
}
