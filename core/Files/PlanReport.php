<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Curing\BakePlan;
use Aenum\Core\Curing\Outcome;
use Aenum\Core\Curing\SplitBake;
use Aenum\Core\Thermal\LoadItem;

/** The aenum-plan/1 format. */
final class PlanReport
{
    public const FORMAT = 'aenum-plan/1';

    /**
     * @param  list<LoadItem>  $load
     * @param  list<SplitBake>  $split  where the plan is not feasible
     * @return array<string, mixed>
     */
    public static function of(BakePlan $plan, array $load, array $split): array
    {
        if (! $plan->feasible || $plan->trajectory === null) {
            return [
                'format' => self::FORMAT,
                'feasible' => false,
                'why' => $plan->why,
                'split' => array_map(fn (SplitBake $bake): array => self::bake($bake, $load), $split),
            ];
        }
        $minutes = (float) $plan->minutes;
        $run = $plan->trajectory;
        $points = array_map(fn (int $n): float => round(($minutes * $n) / 60, 4), range(1, 60));
        $items = [];
        foreach ($load as $i => $item) {
            $items[] =
                ['name' => $item->name] +
                RunReport::temperatures($run, $i, $points) +
                RunReport::judged($plan->judgements[$i]);
        }

        return [
            'format' => self::FORMAT,
            'feasible' => true,
            'minutes' => $minutes,
            'setpoint_c' => $plan->setpointC,
            'decided_by' => $load[(int) $plan->decidedBy]->name,
            'check_at_min' => $plan->checkAtMinutes,
            'energy_kwh' => round($run->energyKwh(60 * $minutes), 3),
            'at_min' => $points,
            'items' => $items,
            'why' => $plan->why,
        ];
    }

    /**
     * One bake of a split. Where an item cannot be baked within the limits at all, its figures are those of the bake
     * that hurts least, and feasible is false.
     *
     * @param  list<LoadItem>  $load
     * @return array<string, mixed>
     */
    private static function bake(SplitBake $bake, array $load): array
    {
        $best = $bake->plan->atBest;

        return [
            'items' => array_map(fn (int $i): string => $load[$i]->name, $bake->items),
            'feasible' => $bake->plan->feasible,
            'minutes' => $bake->plan->minutes ??
                ($best === null || $best->outcome === Outcome::NeverDone ? null : round($best->pullS / 60, 2)),
            'setpoint_c' => $best?->setpointC,
        ] +
            ($bake->piecesAtATime === null ? [] : ['pieces_at_a_time' => $bake->piecesAtATime]) + [
                'why' => $bake->plan->why,
            ];
    }
}
