<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\StepKind;

/**
 * What a bake-out of several parts together must reach: as hot and as long as the most demanding of their routes asks.
 */
final readonly class BakeOutTarget
{
    private function __construct(public float $targetC, public float $holdMinutes)
    {
    }

    /** @param  list<PartRouting>  $plans  one for each part */
    public static function of(array $plans): self
    {
        $target = $hold = 0.0;
        foreach ($plans as $plan) {
            $step = self::due($plan);
            $target = max($target, $step->celsius ?? 0.0);
            $hold = max($hold, $step->holdMinutes ?? 0.0);
        }

        return new self(
            $target > 0 ? $target : RouteTimes::BAKE_OUT_C,
            $hold > 0 ? $hold : RouteTimes::BAKE_OUT_HOLD,
        );
    }

    /** The relief bake while acid is on the part and nothing has followed it; else the bake-out. */
    private static function due(PartRouting $plan): ?Step
    {
        return $plan->all(self::kindDue($plan))[0] ?? null;
    }

    /** Which of the route's bakes of bare parts is the next. */
    public static function kindDue(PartRouting $plan): StepKind
    {
        return $plan->floor->sinceAcidMin !== null && $plan->has(StepKind::ReliefBake)
            ? StepKind::ReliefBake
            : StepKind::BakeOut;
    }
}
