<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\ShopDay;
use App\Catalog\Models\Bench;
use App\Catalog\Models\Oven;
use Carbon\CarbonImmutable;

/** The planner's ShopDay, with the models its keys stand for. */
final readonly class ShopDaySnapshot
{
    /**
     * @param  array<int, PlannedBatch>  $batches  by lot
     * @param  array<int, string>  $held  lot => why it is not planned
     * @param  array<string, Bench|Oven>  $machines  by key
     */
    public function __construct(
        public ShopDay $day,
        public ShopHours $hours,
        public array $batches,
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
        foreach ($this->batches as $id => $one) {
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
