<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Trade\VoltagePolicy;
use Aenum\Core\Units\Check;

/** One coat on so many pieces with one gun: everything the film, the grams and the minutes follow from. */
final readonly class CoatTask
{
    /** Powder kept back for a redo, share. House figure. */
    public const USUAL_RESERVE = 0.10;

    /**
     * @param  non-empty-list<Zone>  $zones  in spraying order
     * @param  int  $pieces  1 and more
     * @param  float  $lowUm  least film, µm
     * @param  float  $highUm  most film, µm
     * @param  float  $wantedUm  aimed at, within the band
     * @param  float  $underUm  film below, µm
     * @param  float  $handMmPerS  above 0 to 5 000
     * @param  float  $overlap  0 to 0.95
     * @param  float|null  $ohms  part to earth; null where it was not measured
     * @param  array<string, array{kv?: float, microAmps?: float, air?: float, tip?: Nozzle, awayMm?: float}>  $turned
     *      set by hand, by zone
     * @param  float  $minutesFactor  what this shop's logs have taught of the book's minutes
     */
    private function __construct(
        public array $zones,
        public int $pieces,
        public Gun $gun,
        public Transfer $transfer,
        public float $specificGravity,
        public float $lowUm,
        public float $highUm,
        public float $wantedUm,
        public float $underUm,
        public bool $recoat,
        public bool $lightAlloy,
        public VoltagePolicy $voltage,
        public float $flowGPerMin,
        public float $handMmPerS,
        public float $overlap,
        public float $chargeUcG,
        public float $ohmM,
        public ?float $ohms,
        public float $reserve,
        public array $turned,
        public float $minutesFactor,
    ) {
    }

    /**
     * @param  non-empty-list<Zone>  $zones
     * @param  array<string, array{kv?: float, microAmps?: float, air?: float, tip?: Nozzle, awayMm?: float}>  $turned
     */
    public static function of(
        array $zones,
        int $pieces,
        Gun $gun,
        Transfer $transfer,
        float $specificGravity,
        float $lowUm,
        float $highUm,
        ?float $wantedUm = null,
        float $underUm = 0.0,
        bool $recoat = false,
        bool $lightAlloy = false,
        VoltagePolicy $voltage = VoltagePolicy::LowAsItTakes,
        ?float $flowGPerMin = null,
        float $handMmPerS = 300.0,
        float $overlap = 0.5,
        float $chargeUcG = Charge::USUAL_UC_G,
        float $ohmM = Charge::USUAL_OHM_M,
        ?float $ohms = null,
        float $reserve = self::USUAL_RESERVE,
        array $turned = [],
        float $minutesFactor = 1.0,
    ): self {
        return new self(
            $zones,
            max(1, $pieces),
            $gun,
            $transfer,
            Check::between('sg', $specificGravity, 0.5, 10),
            Check::above('low_um', $lowUm, 0, 2000),
            Check::between('high_um', $highUm, $lowUm, 2000),
            Check::between('wanted_um', $wantedUm ?? ($lowUm + $highUm) / 2, 1, 2000),
            Check::between('under_um', $underUm, 0, 5000),
            $recoat,
            $lightAlloy,
            $voltage,
            Check::above('flow_g_min', $flowGPerMin ?? $gun->flowGPerMin, 0, 2000),
            Check::above('hand_mm_s', $handMmPerS, 0, 5000),
            Check::between('overlap', $overlap, 0, 0.95),
            $chargeUcG,
            $ohmM,
            $ohms,
            Check::between('reserve', $reserve, 0, 2),
            $turned,
            Check::above('minutes_factor', $minutesFactor, 0, 20),
        );
    }

    /** Current is held down to this index where a gun lets it, and no lower than it still charges with, µA. */
    private const CALM = 0.9;

    private const LEAST_UA = 10.0;

    /** How the gun is set for a zone: as advised, its current held down, or as somebody has turned it. */
    public function setting(Zone $zone): GunSetting
    {
        $advised = $this->advice($zone)->setting;
        $calm = $advised->turned(microAmps: min($advised->microAmps, $this->calmUa()));
        $by = $this->turned[$zone->key] ?? null;
        if ($by === null) {
            return $calm;
        }
        $set = $calm->turned(...$by);

        // Without a current limit the current follows the voltage.
        return $this->gun->kind->limitsCurrent() || isset($by['microAmps'])
            ? $set
            : $set->turned(microAmps: $this->gun->microAmps($set->microAmps, $set->kv));
    }

    /** Whether the advised current of a zone is held down so that the film wanted does not kick. */
    public function isHeldDown(Zone $zone): bool
    {
        return ! isset($this->turned[$zone->key]['microAmps'])
            && $this->setting($zone)->microAmps < $this->advice($zone)->setting->microAmps;
    }

    /** The current at which the film wanted comes to a calm index, µA; any where the gun cannot limit it. */
    private function calmUa(): float
    {
        if (! $this->gun->kind->limitsCurrent()) {
            return INF;
        }
        $none = $this->charge($this->wantedUm, 0.0)->index;
        $one = $this->charge($this->wantedUm, 1.0)->index - $none;

        return max(self::LEAST_UA, (self::CALM - $none) / max(1e-12, $one));
    }

    /** What is advised for a zone, and why. */
    public function advice(Zone $zone): GunAdvice
    {
        return GunAdvice::for($this->gun, $zone->kind, $this->recoat, $this->lightAlloy, $this->voltage);
    }

    /** Film one pass leaves on an open face with a setting, µm. */
    public function perPassUm(GunSetting $set): float
    {
        return FilmPass::microns(
            $this->flowGPerMin,
            $this->transfer->share * $this->sprays($set)->atDistance($set->awayMm),
            $this->specificGravity,
            $this->patternMm($set),
            $this->handMmPerS,
            $this->overlap,
        );
    }

    /** Seconds the gun is on over an area, one pass. */
    public function secondsAPass(GunSetting $set, float $areaM2): float
    {
        return $areaM2 * 1e6 / ($this->patternMm($set) * (1 - $this->overlap) * $this->handMmPerS);
    }

    /** The charge on it where a film of it lies. */
    public function charge(float $filmUm, float $microAmps, ?float $underUm = null, ?float $ohms = null): Charge
    {
        return Charge::of(
            $filmUm,
            $this->specificGravity,
            $underUm ?? $this->underUm,
            $microAmps,
            $this->chargeUcG,
            ohmM: $this->ohmM,
            ohms: $ohms ?? $this->ohms ?? 0.0,
        );
    }

    /** Width of the cloud where it meets the part, mm. */
    private function patternMm(GunSetting $set): float
    {
        return min(2000.0, $this->gun->patternMm * $set->awayMm / $this->gun->patternAtMm);
    }

    private function sprays(GunSetting $set): SprayGun
    {
        return SprayGun::of(
            $this->flowGPerMin,
            $this->transfer->share,
            $set->kv,
            $this->gun->patternMm,
            $this->gun->patternAtMm,
            $set->microAmps,
            $set->air,
        );
    }
}
