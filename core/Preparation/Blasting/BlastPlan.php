<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\Check;

/**
 * Minutes, media and profile of blasting one kind of part.
 *
 * rate = base(what is on it) × media × (ṁ/ṁ_ref) × (p/p_ref)^0.5 × access × mixture ÷ shop factor, with ṁ_ref and p_ref
 * those of 8 mm at 7 bar, and mixture = x/x₀·exp(1 − x/x₀). Clean galvanising, and clean metal whose routing only
 * sweeps it, is swept: the same, from the rate of a sweep.
 */
final readonly class BlastPlan
{
    public const REFERENCE_BORE_MM = 8.0;

    public const REFERENCE_BAR = 7.0;

    private function __construct(
        public float $bar,
        public float $rateM2PerH,
        /** Without the shop's factor: what a logged time is held against. */
        public float $plainMinutes,
        public float $minutes,
        /** Media through the nozzle, kg/min. */
        public float $mediaKgPerMin,
        /** Media worn to dust, kg. */
        public float $mediaKg,
        public float $rzMicrons,
        public float $freeAirM3Min,
    ) {
    }

    /**
     * @param  list<ArrivalCondition>  $onIt  what the blast must take off; the slowest decides
     * @param  float  $areaM2  of all pieces, above 0
     * @param  float  $boreMm  of the nozzle as it is now
     * @param  float  $bar  at the nozzle, as held
     * @param  float  $mixture  kg of media to a kg of air
     * @param  float  $wears  media this shop wears away against the book, as its log has it
     * @param  bool|null  $sweeps  it is swept, not blasted; null for as metal and what is on it ask
     *
     * @throws \Aenum\Core\Units\InvalidInput naming what is out of range
     */
    public static function of(
        Medium $medium,
        Metal $metal,
        array $onIt,
        float $areaM2,
        float $boreMm,
        float $bar,
        float $mixture,
        Access $access = Access::Open,
        ?ShopFactor $factor = null,
        float $wears = 1.0,
        ?bool $sweeps = null,
    ): self {
        Check::above('area_m2', $areaM2, 0, 1e6);
        $air = Nozzle::airKgPerS($boreMm, $bar);
        $sweeps ??= self::isSwept($metal, $onIt);
        $base = $sweeps ? Sweep::M2_PER_H / Media::get(Sweep::MEDIUM)->rate : ArrivalCondition::slowestM2PerH(...$onIt);
        $reference = $sweeps ? Sweep::USUAL_BAR : self::REFERENCE_BAR;
        $rate =
            (($base * $medium->rate * $air) / Nozzle::airKgPerS(self::REFERENCE_BORE_MM, $reference)) *
            sqrt($bar / $reference) *
            $access->share() *
            self::mixtureFactor($mixture, $medium->bestMixture);
        $plain = (60 * $areaM2) / $rate;
        $minutes = $plain * ($factor->factor ?? 1.0);
        $flow = 60 * $mixture * $air;

        return new self(
            $bar,
            (60 * $areaM2) / $minutes,
            $plain,
            $minutes,
            $flow,
            ($wears * $flow * $minutes) / $medium->cycles,
            self::rz($medium, $metal, $bar),
            Nozzle::freeAirM3Min($boreMm, $bar),
        );
    }

    /**
     * Whether zinc with nothing else on it is swept rather than blasted.
     *
     * @param  list<ArrivalCondition>  $onIt
     */
    public static function isSwept(Metal $metal, array $onIt): bool
    {
        $more = array_filter($onIt, fn (ArrivalCondition $on): bool => $on !== ArrivalCondition::Bare);

        return $metal->family === MetalFamily::Galvanised && $more === [];
    }

    /**
     * How much of the best rate a mixture leaves, 0 to 1: starved it cleans little, flooded the spent grains shield the
     * work.
     */
    public static function mixtureFactor(float $mixture, float $best): float
    {
        $share = Check::above('mixture', $mixture, 0, 20) / Check::above('best mixture', $best, 0, 20);

        return $share * exp(1 - $share);
    }

    /** Expected peak-to-valley, µm, on a metal at a pressure in bar. House rule: with the root of the pressure. */
    public static function rz(Medium $medium, Metal $metal, float $bar): float
    {
        return $medium->rzMicrons * $metal->softness * sqrt($bar / self::REFERENCE_BAR);
    }
}
