<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** What a shape comes to: metal volume and the areas that matter to a coater. */
final readonly class Extent
{
    /**
     * @param  float  $volumeM3  metal, m³
     * @param  float  $coatAreaM2  what gets powder, m²
     * @param  float  $blastAreaM2  what gets blasted, m²
     * @param  float  $heatAreaM2  what the oven's air and shell reach, m²
     * @param  float  $thickestMm  the thickest metal, mm
     * @param  array{float, float, float}  $boxMm  bounding box, mm
     */
    public function __construct(
        public float $volumeM3,
        public float $coatAreaM2,
        public float $blastAreaM2,
        public float $heatAreaM2,
        public float $thickestMm,
        public array $boxMm,
    ) {
    }

    /** @param  array{float, float, float}  $boxMm */
    public static function solid(float $volumeM3, float $areaM2, float $thickestMm, array $boxMm): self
    {
        return new self($volumeM3, $areaM2, $areaM2, $areaM2, $thickestMm, $boxMm);
    }

    /** The same, so many times over. */
    public function withCount(int $count): self
    {
        return new self(
            $count * $this->volumeM3,
            $count * $this->coatAreaM2,
            $count * $this->blastAreaM2,
            $count * $this->heatAreaM2,
            $this->thickestMm,
            $this->boxMm,
        );
    }

    /** Round holes through so much metal: both faces lose the hole, its wall is gained. */
    public function less(float $diameterMm, float $throughMm, int $count): self
    {
        $hole = (M_PI / 4) * $diameterMm ** 2;
        $area = $count * (M_PI * $diameterMm * $throughMm - 2 * $hole) * 1e-6;

        return new self(
            $this->volumeM3 - $count * $hole * $throughMm * 1e-9,
            $this->coatAreaM2 + $area,
            $this->blastAreaM2 + $area,
            $this->heatAreaM2 + $area,
            $this->thickestMm,
            $this->boxMm,
        );
    }
}
