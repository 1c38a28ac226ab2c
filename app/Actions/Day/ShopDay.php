<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Aenum\Core\Plan\Day;
use Aenum\Core\Plan\DayPlan;
use App\Models\Bench;
use App\Models\Oven;
use Carbon\CarbonImmutable;

/** The shop as the planner takes it, with what its keys stand for. */
final readonly class ShopDay
{
    /**
     * @param  array<int, PlannedLot>  $lots  by lot
     * @param  array<int, string>  $held  lot => why it is not planned
     * @param  array<string, Bench|Oven>  $machines  by key
     */
    public function __construct(
        public Day $day,
        public ShopHours $hours,
        public array $lots,
        public array $held,
        public array $machines,
        public CarbonImmutable $now,
        /** Somebody wished something first: then no bound of what was promised is known. */
        public bool $isWishedFor = false,
    ) {
    }

    /**
     * What is late by what was promised, whatever was wished of the plan.
     *
     * @return array<int, float> lot => min
     */
    public function late(DayPlan $plan): array
    {
        $late = [];
        foreach ($this->lots as $id => $one) {
            $ends = array_map(
                fn (int $load): float => $plan->endOf($one->key($load)) ?? -INF,
                range(1, $one->on->loads),
            );
            if ($one->dueMin !== null && max($ends) - $one->dueMin > 0.5) {
                $late[$id] = max($ends) - $one->dueMin;
            }
        }

        return $late;
    }
}
