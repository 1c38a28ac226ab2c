<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\LateJob;
use Aenum\Core\Scheduling\MovedStep;
use Aenum\Core\Scheduling\PlacedStep;

/** `aenum-day-plan/1`: what a plan of the day is written as. */
final readonly class DayReport
{
    public const FORMAT = 'aenum-day-plan/1';

    /** @return array<string, mixed> */
    public static function of(DayPlan $plan, DayObjective $aim): array
    {
        return [
            'format' => self::FORMAT,
            'late_min' => round($plan->score->lateMin, 3),
            'makespan_min' => round($plan->score->makespanMin, 3),
            'change_min' => round($plan->score->changeMin, 3),
            'bound_min' => floor($plan->boundMin * 1000) / 1000,
            'steps' => array_map(self::step(...), $plan->steps),
            'why' => [...self::why($plan, $aim)],
        ];
    }

    /** @return array<string, mixed> */
    private static function step(PlacedStep $step): array
    {
        return [
            'job' => $step->job,
            'step' => $step->step,
            'on' => $step->on,
            'who' => $step->who,
            'from_min' => round($step->fromMin, 6),
            'to_min' => round($step->toMin, 6),
        ];
    }

    /** @return list<string> */
    private static function why(DayPlan $plan, DayObjective $aim): array
    {
        $is = $aim === DayObjective::Due ? $plan->score->lateMin : $plan->score->makespanMin;
        $what = $aim === DayObjective::Due ? 'late, by weight' : 'to the end of the last step';
        $is = round($is, 1);
        $bound = round($plan->boundMin, 1);

        return [
            $is <= $bound ? "{$is} min {$what}; no plan has fewer." : "{$is} min {$what}; no plan is under {$bound}.",
            ...array_map(fn (LateJob $late): string => $late->said(), $plan->late),
            ...array_map(fn (MovedStep $moved): string => $moved->said(), $plan->moved),
        ];
    }
}
