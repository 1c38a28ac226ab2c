<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\Constant;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/**
 * Air from compressor to nozzle: the pressure at each point and the flow through all of them.
 *
 * A hose loses Δp = 450·q^1.85·L/(d⁵·p) bar (q free air l/s, L m, d mm, p bar absolute; empirical formula for dry air
 * in smooth hose); media in the blast hose half as much again. The nozzle's pressure is the highest at which the
 * compressor gives the air and the losses leave it.
 */
final readonly class AirSystem
{
    /** Separator and dryer together, bar. House figure for clean filters. */
    private const DRYER_BAR = 0.3;

    private const MEDIA_IN_HOSE = 1.5;

    /** Air of a bore against its new one: worth a word, and worth a new nozzle. House figures. */
    private const WORN = 1.02;

    private const WORN_OUT = 1.4;

    /** Least that still blasts, bar. */
    private const LEAST_BAR = 0.9;

    /** @param  list<array{name: string, bar: float}>  $points  from the compressor to the nozzle */
    private function __construct(
        public array $points,
        public float $nozzleBar,
        public float $wantedBar,
        /** Free air through it all, m³/min. */
        public float $freeAirM3Min,
        /** What stops it from holding the wanted pressure; null where it holds it. */
        public ?Message $limit,
        public float $boreToFitMm,
        /** Bore to buy: once worn to where it is replaced, it still holds the wanted pressure, mm. */
        public float $newBoreToFitMm,
        /** Air of the worn bore against the new one. */
        public float $wear,
    ) {
    }

    /**
     * @param  float  $compressorM3Min  free air
     * @param  float  $compressorBar  at its receiver, gauge
     * @param  array{float, float}  $airHose  length m and bore mm, dryer to pot
     * @param  array{float, float}  $blastHose  pot to nozzle
     */
    public static function solve(
        float $compressorM3Min,
        float $compressorBar,
        float $boreMm,
        float $newBoreMm,
        float $wantedBar,
        array $airHose,
        array $blastHose,
    ): self {
        Check::above('compressor_m3_min', $compressorM3Min, 0, 1000);
        Check::between('compressor_bar', $compressorBar, 2, 20);
        Check::between('pressure_bar', $wantedBar, self::LEAST_BAR, 20);
        $feeds = fn (float $bar): bool => Nozzle::freeAirM3Min($boreMm, $bar) <= $compressorM3Min;
        $leaves = fn (float $bar): bool => self::before(
            $bar,
            Nozzle::freeAirM3Min($boreMm, $bar),
            $airHose,
            $blastHose,
        )[0] <= $compressorBar;
        $bar = $wantedBar;
        if (! $feeds($bar) || ! $leaves($bar)) {
            [$low, $high] = [self::LEAST_BAR, $wantedBar];
            for ($i = 0; $i < 50; $i++) {
                $bar = ($low + $high) / 2;
                $feeds($bar) && $leaves($bar) ? ($low = $bar) : ($high = $bar);
            }
            $bar = $low;
        }
        $limit = match (true) {
            $bar > $wantedBar - 0.05 => null,
            ! $feeds($bar + 0.02) => Message::of('The nozzle takes {takes} at {bar}; the compressor gives {gives}.', [
                'takes' => Quantity::airFlow(Nozzle::freeAirM3Min($boreMm, $wantedBar)),
                'bar' => Quantity::bar($wantedBar),
                'gives' => Quantity::airFlow($compressorM3Min),
            ]),
            default => Message::of('Hoses and dryer eat {eaten} of the compressor\'s {gives}.', [
                'eaten' => Quantity::bar($compressorBar - $bar),
                'gives' => Quantity::bar($compressorBar),
            ]),
        };
        $flow = Nozzle::freeAirM3Min($boreMm, $bar);
        [$receiver, $pot] = self::before($bar, $flow, $airHose, $blastHose);
        $dryer = $receiver - self::DRYER_BAR;

        return new self(
            [
                ['name' => 'compressor', 'bar' => $receiver],
                ['name' => 'separator and dryer', 'bar' => $dryer],
                ['name' => 'pot', 'bar' => $pot],
                ['name' => 'nozzle', 'bar' => $bar],
            ],
            $bar,
            $wantedBar,
            $flow,
            $limit,
            Nozzle::boreToFitMm($wantedBar, $compressorM3Min),
            self::newBoreMm($wantedBar, $compressorM3Min),
            ($boreMm / Check::above('new_bore_mm', $newBoreMm, 0, 50)) ** 2,
        );
    }

    /**
     * Returns the bore of a new nozzle that a compressor still feeds when it is worn out, mm.
     *
     * @param  float  $compressorM3Min  free air without a break
     */
    public static function newBoreMm(float $bar, float $compressorM3Min): float
    {
        return Nozzle::boreToFitMm($bar, $compressorM3Min / self::WORN_OUT);
    }

    /**
     * Returns the compressor to buy for a new nozzle, m³/min free air by its plate: with the wear of the nozzle and the
     * compressor's duty cycle in reserve.
     *
     * @param  float  $duty  share of the time it may run, above 0 to 1
     */
    public static function compressorM3Min(float $newBoreMm, float $bar, float $duty): float
    {
        return self::WORN_OUT * Nozzle::freeAirM3Min($newBoreMm, $bar) / Check::above('duty', $duty, 0, 1);
    }

    /** A worn bore takes enough more air to be worth a word. */
    public function isWorn(): bool
    {
        return $this->wear > self::WORN;
    }

    /** Whether the bore is so wide that it should be replaced. */
    public function isWornOut(): bool
    {
        return $this->wear > self::WORN_OUT;
    }

    /** More air than the new bore took, per cent. */
    public function wornPercent(): int
    {
        return (int) round(100 * ($this->wear - 1));
    }

    /**
     * Gauge pressures needed at the receiver and in the pot for so much at the nozzle.
     *
     * @param  array{float, float}  $airHose
     * @param  array{float, float}  $blastHose
     * @return array{float, float}
     */
    private static function before(float $nozzleBar, float $freeAirM3Min, array $airHose, array $blastHose): array
    {
        $pot = $nozzleBar + self::MEDIA_IN_HOSE * self::loss($freeAirM3Min, $blastHose, $nozzleBar);

        return [$pot + self::loss($freeAirM3Min, $airHose, $pot) + self::DRYER_BAR, $pot];
    }

    /** @param  array{float, float}  $hose  length m, bore mm */
    private static function loss(float $freeAirM3Min, array $hose, float $bar): float
    {
        return (450 * ((1000 * $freeAirM3Min) / 60) ** 1.85 * Check::between('hose_m', $hose[0], 0, 200)) /
            (Check::between('hose_mm', $hose[1], 8, 100) ** 5 * ($bar + Constant::ATMOSPHERE_BAR));
    }
}
