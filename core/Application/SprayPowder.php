<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** The powder that is sprayed, the film it is to become, and what lies cured below. */
final readonly class SprayPowder
{
    private function __construct(
        public float $specificGravity,
        public float $lowUm,
        public float $highUm,
        public float $underUm,
        public float $chargeUcG,
    ) {
    }

    /**
     * @param  float  $specificGravity  0.5 to 10
     * @param  float  $lowUm  least film wanted, 0 to 5 000 µm
     * @param  float  $highUm  most film wanted, above the least
     * @param  float  $underUm  cured film below, 0 to 5 000 µm
     * @param  float  $chargeUcG  charge of a gram without free ions, 0 to 100 µC/g
     *
     * @throws InvalidInput
     */
    public static function of(
        float $specificGravity,
        float $lowUm,
        float $highUm,
        float $underUm = 0.0,
        float $chargeUcG = Charge::USUAL_UC_G,
    ): self {
        return new self(
            Check::between('sg', $specificGravity, 0.5, 10),
            Check::between('target_um[0]', $lowUm, 0, 5000),
            Check::above('target_um[1]', $highUm, $lowUm, 5000),
            Check::between('under_um', $underUm, 0, 5000),
            Check::between('q_m_uc_g', $chargeUcG, 0, 100),
        );
    }

    /** What lies on it when a film of it is sprayed with a gun set so. */
    public function charge(float $filmUm, SprayGun $gun): Charge
    {
        return Charge::of(
            $filmUm,
            $this->specificGravity,
            $this->underUm,
            $gun->microAmps,
            $this->chargeUcG,
            ohms: $gun->ohms,
        );
    }
}
