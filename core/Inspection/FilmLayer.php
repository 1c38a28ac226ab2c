<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Curing\CureSheet;

/** A coat that lies on a part, as far as another bake or another coat matters to it. */
final readonly class FilmLayer
{
    /**
     * @param  float|null  $overbake  so far, 1 is over-baked; null where its sheet does not say what it stands
     * @param  float  $lowUm  band of its sheet
     */
    public function __construct(
        public string $name,
        public CureSheet $sheet,
        public float $dose,
        public ?float $overbake,
        public float $lowUm,
        public float $highUm,
    ) {
    }

    /** Middle of its band, µm. */
    public function middleUm(): float
    {
        return ($this->lowUm + $this->highUm) / 2;
    }
}
