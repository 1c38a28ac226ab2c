<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;

/** One way to bake parts out: as hot as asked, or cooler and longer, with what each costs. */
final readonly class BakeOutChoice
{
    private const STEP_K = 10.0;

    /** Gas leaves that much slower in metal cooler by STEP_K: the hold is as much longer. House figure, unverified. */
    private const LONGER = 1.3;

    private const MOST = 3;

    /** @param  list<float>  $metalMinutes  equivalent minutes at 200 °C it gives each item */
    private function __construct(
        public float $targetC,
        public float $holdMinutes,
        public float $setpointC,
        /** Minutes of the run. */
        public float $minutes,
        public float $energyKwh,
        public array $metalMinutes,
    ) {
    }

    /**
     * As asked, then cooler and longer as far as a cure can still stay under it.
     *
     * @param  non-empty-list<LoadItem>  $load  bare metal
     * @param  float|null  $coolestC  under this no cure of theirs is possible; null where nothing is planned on them
     * @return list<self> those the oven can do
     */
    public static function all(
        Oven $oven,
        array $load,
        OvenSchedule $schedule,
        float $targetC,
        float $holdMinutes,
        ?float $coolestC,
    ): array {
        $choices = [];
        for ($n = 0; $n < self::MOST; $n++) {
            $target = $targetC - $n * self::STEP_K;
            $hold = min(BakeOut::MOST_HOLD_MIN, 5 * ceil($holdMinutes * self::LONGER ** $n / 5));
            if ($n > 0 && $target < ($coolestC ?? INF)) {
                break;
            }
            $hold = $n === 0 ? $holdMinutes : $hold;
            $setpoint = BakeOut::setpointFor($oven, $load, $schedule, $target, $hold);
            $plan = BakeOut::plan($oven, $load, $schedule->at($setpoint), $target, $hold);
            if ($plan->pullMinutes !== null) {
                $choices[] = new self(
                    $target,
                    $hold,
                    $setpoint,
                    $plan->pullMinutes,
                    $plan->energyKwh,
                    array_column($plan->items, 'metalMinutes'),
                );
            }
        }

        return $choices;
    }
}
