<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\Quantity;

/** A blast medium: what it is, does and lasts. The maker's sheet comes first. */
final readonly class Medium
{
    /**
     * @param  bool  $ferrous  leaves iron in the surface
     * @param  bool  $hard  neither soluble nor soft: must not be left in an oil passage or bearing
     * @param  bool  $fine  dulls rather than cuts
     * @param  bool  $silica  its dust destroys lungs
     * @param  bool  $residue  dissolves, and what stays on the part must be rinsed off before powder
     * @param  float  $rate  cleaning rate against aluminium oxide on the same part
     * @param  float  $bestMixture  kg of media to a kg of air at which it cleans fastest: 1.3 to 1.5, which is 370 to
     *      410 kg/h through 8 mm at 7 bar
     * @param  float  $cycles  how often a grain is used before it is dust; the shop's own log corrects what it comes to
     * @param  float  $rzMicrons  peak-to-valley left on mild steel at 7 bar, µm
     * @param  list<ArrivalCondition>  $takesOff
     * @param  string  $grade  the grade usual for small parts, as makers call it
     * @param  array{float, float}|null  $grainMm  its grains, mm; null where any
     * @param  string  $source  where the figures are from
     */
    public function __construct(
        public string $key,
        public string $name,
        public bool $ferrous,
        public bool $hard,
        public bool $fine,
        public bool $silica,
        public bool $residue,
        public float $rate,
        public float $bestMixture,
        public float $cycles,
        public float $rzMicrons,
        public array $takesOff,
        public string $grade,
        public ?array $grainMm,
        public string $source,
    ) {
    }

    /** Whether it takes that off. */
    public function takesOff(ArrivalCondition $on): bool
    {
        return in_array($on, $this->takesOff, true);
    }

    /** The size of its grains; null where any. */
    public function grain(): ?Quantity
    {
        return $this->grainMm === null
            ? null
            : Quantity::range(\Aenum\Core\Units\Dimension::Length, $this->grainMm[0], $this->grainMm[1]);
    }
}
