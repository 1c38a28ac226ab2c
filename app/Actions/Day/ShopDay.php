<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Aenum\Core\Plan\Day;
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
    ) {
    }
}
