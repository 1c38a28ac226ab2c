<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** What the gun wants to know of a powder, as its sheet has it; what it does not say has the usual figure. */
final readonly class PowderSheet
{
    private function __construct(
        public float $specificGravity,
        public float $lowUm,
        public float $highUm,
        public float $chargeUcG,
        public float $ohmM,
        public ?float $transfer,
        public ?float $softensC,
        public ?float $lelGM3,
        public float $shrink,
    ) {
    }

    /**
     * @param  float  $specificGravity  0.5 to 10
     * @param  float  $lowUm  least film cured, above 0 to 2 000 µm
     * @param  float  $highUm  most film cured, at least the least
     * @param  float|null  $chargeUcG  of a gram without free ions, 0 to 100 µC/g
     * @param  float|null  $ohmM  resistivity, above 0 to 1e18 Ω·m
     * @param  float|null  $transfer  first-pass transfer, above 0 to 1
     * @param  float|null  $softensC  −40 to 700 °C
     * @param  float|null  $lelGM3  lower explosive limit, above 0 to 1 000 g/m³
     * @param  float|null  $shrink  raw to cured film, above 0 to 1
     */
    public static function of(
        float $specificGravity,
        float $lowUm,
        float $highUm,
        ?float $chargeUcG = null,
        ?float $ohmM = null,
        ?float $transfer = null,
        ?float $softensC = null,
        ?float $lelGM3 = null,
        ?float $shrink = null,
    ): self {
        return new self(
            Check::between('specific_gravity', $specificGravity, 0.5, 10),
            Check::above('film_min', $lowUm, 0, 2000),
            Check::between('film_max', $highUm, $lowUm, 2000),
            Check::between('charge', $chargeUcG ?? Charge::USUAL_UC_G, 0, 100),
            Check::above('resistivity', $ohmM ?? Charge::USUAL_OHM_M, 0, 1e18),
            $transfer === null ? null : Check::above('transfer', $transfer, 0, 1),
            $softensC === null ? null : Check::celsius('softens', $softensC),
            $lelGM3 === null ? null : Check::above('lel', $lelGM3, 0, 1000),
            Check::above('shrink', $shrink ?? Charge::SHRINK, 0, 1),
        );
    }

    /** A comb or gauge reading on raw powder as the film it becomes, µm. */
    public function curedUm(float $rawUm): float
    {
        return Check::above('raw_um', $rawUm, 0, 5000) * $this->shrink;
    }
}
