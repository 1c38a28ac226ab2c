<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** A gun as it is set: what it throws, how wide, and how much of it a part catches. */
final readonly class SprayGun
{
    /** A part earthed this badly catches half of what it would. House figure, unverified. */
    private const HALF_AT_OHM = 1e6;

    /** Air through the booth's face over this takes powder from the part, m/s. House figure, unverified. */
    public const STRONG_FACE_M_S = 0.6;

    /** A booth's usual face velocity, m/s. House figure, unverified. */
    public const USUAL_FACE_M_S = 0.5;

    private function __construct(
        public float $flowGPerMin,
        public float $transfer,
        public float $kv,
        public float $microAmps,
        public float $air,
        public float $patternMm,
        public float $patternAtMm,
        public bool $charging,
        public float $ohms,
        public float $faceMPerS,
    ) {
    }

    /**
     * @param  float  $flowGPerMin  powder out of the gun, above 0 to 2 000 g/min
     * @param  float  $transfer  share that lands at the usual distance on good earth, above 0 to 1
     * @param  float  $kv  0 to 200
     * @param  float  $patternMm  width of the cloud, above 0 to 2 000 mm
     * @param  float  $patternAtMm  at this distance, above 0 to 2 000 mm
     * @param  float  $microAmps  0 to 1 000
     * @param  float  $air  powder air against the gun's usual, above 0 to 10
     * @param  bool  $charging  whether powder that lies throws off what comes
     * @param  float  $ohms  from the part to earth, 0 to 1e9
     * @param  float  $faceMPerS  air through the booth's face, above 0 to 10 m/s
     */
    public static function of(
        float $flowGPerMin,
        float $transfer,
        float $kv,
        float $patternMm,
        float $patternAtMm,
        float $microAmps = 20.0,
        float $air = 1.0,
        bool $charging = true,
        float $ohms = 0.0,
        float $faceMPerS = self::USUAL_FACE_M_S,
    ): self {
        return new self(
            Check::above('flow_g_min', $flowGPerMin, 0, 2000),
            Check::above('transfer', $transfer, 0, 1),
            Check::between('kv', $kv, 0, 200),
            Check::between('ua', $microAmps, 0, 1000),
            Check::above('air', $air, 0, 10),
            Check::above('pattern_mm', $patternMm, 0, 2000),
            Check::above('pattern_at_mm', $patternAtMm, 0, 2000),
            $charging,
            Check::between('ohms', $ohms, 0, 1e9),
            Check::above('face_m_s', $faceMPerS, 0, 10),
        );
    }

    /** σ of the cloud where it meets a part so far away, mm: it opens as it flies. */
    public function sigmaMm(float $awayMm): float
    {
        return Stripes::SIGMA * $this->patternMm * $awayMm / $this->patternAtMm;
    }

    /** Share of the usual transfer at a distance: nearer blows off, further never arrives. */
    public function atDistance(float $awayMm): float
    {
        return exp(-0.5 * ($awayMm / $this->patternAtMm - 1) ** 2);
    }

    /** Share of what it throws that a part catches at the usual distance, with its earth and the booth's air. */
    public function caught(): float
    {
        return $this->transfer / (1 + $this->ohms / self::HALF_AT_OHM) *
            min(1.0, self::STRONG_FACE_M_S / $this->faceMPerS);
    }
}
