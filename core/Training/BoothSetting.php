<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

use Aenum\Core\Units\Check;

/** Gun, earth and booth as they are set in the practice booth. */
final readonly class BoothSetting
{
    private function __construct(
        public float $flowGPerMin,
        public float $kv,
        public float $microAmps,
        public float $air,
        public float $ohms,
        public float $faceMPerS,
    ) {
    }

    /**
     * @param  float  $flowGPerMin  20 to 300
     * @param  float  $kv  0 to 100
     * @param  float  $microAmps  5 to 100
     * @param  float  $air  powder air against the gun's usual, 0.3 to 2
     * @param  float  $ohms  part to earth, 0 to 1e9
     * @param  float  $faceMPerS  0.2 to 2
     */
    public static function of(
        float $flowGPerMin = 110.0,
        float $kv = 60.0,
        float $microAmps = 20.0,
        float $air = 1.0,
        float $ohms = BoothDrill::CLEAN_OHM,
        float $faceMPerS = 0.5,
    ): self {
        return new self(
            Check::between('flow', $flowGPerMin, 20, 300),
            Check::between('kv', $kv, 0, 100),
            Check::between('ua', $microAmps, 5, 100),
            Check::between('air', $air, 0.3, 2),
            Check::between('ohms', $ohms, 0, 1e9),
            Check::between('face', $faceMPerS, 0.2, 2),
        );
    }
}
