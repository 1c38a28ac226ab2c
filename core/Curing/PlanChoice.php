<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** One of the bakes that serve a load, as it is set beside the others. */
final readonly class PlanChoice
{
    /**
     * @param  float  $windowMinutes  from done to too much; as far as BakePlanner::WINDOW_LOOK_MIN looks
     * @param  float  $energyKwh  up to the pull
     * @param  float  $hottestC  surface of any item at the pull
     */
    public function __construct(
        public BakePreference $prefer,
        public BakePlan $plan,
        public float $windowMinutes,
        public float $energyKwh,
        public float $hottestC,
    ) {
    }
}
