<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** How a gun is set for a place on a part. */
final readonly class GunSetting
{
    /** Nearer than this the air blows powder off; over the other it never arrives, mm. General practice. */
    public const LEAST_AWAY_MM = 75.0;

    public const MOST_AWAY_MM = 400.0;

    /** Where a gun is held, mm. General practice. */
    public const NEAR_MM = 150.0;

    public const FAR_MM = 300.0;

    private function __construct(
        public float $kv,
        public float $microAmps,
        public float $air,
        public Nozzle $tip,
        public float $awayMm,
    ) {
    }

    /**
     * @param  float  $kv  0 to 200
     * @param  float  $microAmps  0 to 1 000
     * @param  float  $air  powder air against the gun's usual, above 0 to 10
     * @param  float  $awayMm  from the part, above 0 to 2 000
     */
    public static function of(float $kv, float $microAmps, float $air, Nozzle $tip, float $awayMm): self
    {
        return new self(
            Check::between('kv', $kv, 0, 200),
            Check::between('ua', $microAmps, 0, 1000),
            Check::above('air', $air, 0, 10),
            $tip,
            Check::above('away_mm', $awayMm, 0, 2000),
        );
    }

    /** The same, turned by hand where a figure is given. */
    public function turned(
        ?float $kv = null,
        ?float $microAmps = null,
        ?float $air = null,
        ?Nozzle $tip = null,
        ?float $awayMm = null,
    ): self {
        return self::of(
            $kv ?? $this->kv,
            $microAmps ?? $this->microAmps,
            $air ?? $this->air,
            $tip ?? $this->tip,
            $awayMm ?? $this->awayMm,
        );
    }

    /** Whether powder set so is blown off or never arrives. */
    public function isOutOfReach(): bool
    {
        return $this->awayMm < self::LEAST_AWAY_MM || $this->awayMm > self::MOST_AWAY_MM;
    }
}
