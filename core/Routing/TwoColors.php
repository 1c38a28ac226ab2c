<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Trade\TwoColorPolicy;

/**
 * A second colour, before it is promised: what each way of keeping the colours apart takes in hands, and what every
 * bake it needs does to the first colour and to the metal.
 */
final readonly class TwoColors
{
    /**
     * @param  CoatFacts  $second  the coat that goes on a place only
     * @param  int  $bakes  of all coats
     * @param  int  $bakesMore  than in one colour
     * @param  float|null  $firstOverbake  of the first colour after all bakes, 1 is over-baked; null where its sheet
     *      does not say what it stands
     * @param  float  $metalMinutes  equivalent minutes at 200 °C, all bakes
     * @param  array<string, float>  $hands  way => min for all pieces
     */
    private function __construct(
        public CoatFacts $second,
        public float $areaM2,
        public int $bakes,
        public int $bakesMore,
        public ?float $firstOverbake,
        public float $metalMinutes,
        public array $hands,
    ) {
    }

    /**
     * @param  list<CureSheet>  $sheets  of the coats, from the metal up
     * @return self|null null where it is of one colour
     */
    public static function of(JobFacts $facts, array $sheets): ?self
    {
        $isSecond = fn (CoatFacts $one, int $n): bool => $n > 0 && $one->zone !== null;
        $zoned = array_filter($facts->coats, $isSecond, ARRAY_FILTER_USE_BOTH);
        $at = array_key_first($zoned);
        if ($at === null) {
            return null;
        }
        $later = array_slice($facts->coats, $at - 1);
        $holds = array_map(fn (CoatFacts $one): array => [$one->bakeC, $one->bakeMinutes], $facts->coats);
        $hands = [];
        foreach (TwoColorPolicy::cases() as $way) {
            $each = $way->minutesEach($facts->coats[$at]->edgeM, $facts->zoneM2($at));
            $hands[$way->value] = $each * $facts->part->count;
        }

        return new self(
            $facts->coats[$at],
            $facts->part->areaOfAllM2() * $facts->coats[$at]->share,
            count($facts->coats),
            count($zoned),
            self::overbake($sheets[$at - 1] ?? null, $later),
            $facts->part->metal->ageHardens() ? MetalAging::planned($facts->part->metalMinutesSoFar, $holds) : 0.0,
            $hands,
        );
    }

    /** @param  list<CoatFacts>  $bakes  it goes through, its own first */
    private static function overbake(?CureSheet $sheet, array $bakes): ?float
    {
        $stands = $sheet?->stands;
        if ($stands === null) {
            return null;
        }

        return array_sum(array_map(
            fn (CoatFacts $one): float => $one->bakeMinutes / $stands->minutesAt($one->bakeC),
            $bakes,
        ));
    }
}
