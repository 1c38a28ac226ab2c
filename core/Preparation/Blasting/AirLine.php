<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

/** What feeds a shop's nozzle: compressor, dryer, hoses, bore. Null where the shop has not said. */
final readonly class AirLine
{
    /** Where the shop has not said what it has: bar, and hoses as metres and mm bore. House figures. */
    private const USUAL_BAR = 8.0;

    private const USUAL_AIR_HOSE = [10.0, 25.0];

    private const USUAL_BLAST_HOSE = [8.0, 25.0];

    /**
     * @param  float|null  $compressorM3Min  free air
     * @param  float|null  $compressorBar  at its receiver, gauge
     * @param  float|null  $nozzleMm  bore as it is now
     * @param  float|null  $newNozzleMm  bore when it was new
     * @param  float|null  $duty  share of the time the compressor may run, above 0 to 1; null for all of it
     */
    public function __construct(
        public ?float $compressorM3Min = null,
        public ?float $compressorBar = null,
        public ?float $airHoseM = null,
        public ?float $airHoseMm = null,
        public ?float $blastHoseM = null,
        public ?float $blastHoseMm = null,
        public ?float $nozzleMm = null,
        public ?float $newNozzleMm = null,
        public ?float $duty = null,
    ) {
    }

    /** Free air it gives without a break, m³/min: its plate times its duty cycle; null where the shop has not said. */
    public function continuousM3Min(): ?float
    {
        return $this->compressorM3Min === null ? null : $this->compressorM3Min * ($this->duty ?? 1.0);
    }

    /** Bore of the nozzle, mm; the reference one where nobody has said. */
    public function boreMm(): float
    {
        return $this->nozzleMm ?? BlastPlan::REFERENCE_BORE_MM;
    }

    /** What it gives at the nozzle where so much is wanted, bar. */
    public function at(float $wantedBar): AirSystem
    {
        $bore = $this->boreMm();

        return AirSystem::solve(
            $this->continuousM3Min() ?? Nozzle::freeAirM3Min($bore, $wantedBar),
            $this->compressorBar ?? self::USUAL_BAR,
            $bore,
            $this->newNozzleMm ?? $bore,
            $wantedBar,
            [$this->airHoseM ?? self::USUAL_AIR_HOSE[0], $this->airHoseMm ?? self::USUAL_AIR_HOSE[1]],
            [$this->blastHoseM ?? self::USUAL_BLAST_HOSE[0], $this->blastHoseMm ?? self::USUAL_BLAST_HOSE[1]],
        );
    }
}
