<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

/** A mask on the shop's shelf. */
final readonly class StockMask
{
    /**
     * @param  float  $fromMm  the least size it seals; for tape, its width
     * @param  float|null  $ratedC  part metal it stands; null where it must not see an oven
     * @param  int  $held  pieces on the shelf; for tape, metres
     */
    public function __construct(
        public int $id,
        public string $name,
        public MaskKind $kind,
        public string $material,
        public float $fromMm,
        public float $toMm,
        public ?float $ratedC,
        public int $held,
    ) {
    }

    /** Whether it seals a place of this size; tape covers any. */
    public function seals(float $sizeMm): bool
    {
        return $this->kind === MaskKind::Tape || ($this->fromMm <= $sizeMm && $sizeMm <= $this->toMm);
    }

    /** Whether it stands a bake, with the margin; no bake is always stood. */
    public function stands(?float $hottestC): bool
    {
        return $hottestC === null || MaskMaterial::stands($this->ratedC, $hottestC);
    }

    /** The middle of what it seals, mm. */
    public function middleMm(): float
    {
        return ($this->fromMm + $this->toMm) / 2;
    }
}
