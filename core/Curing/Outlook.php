<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Step;
use Aenum\Core\Thermal\Trajectory;

/**
 * One bake as it is set, looked at whole: what every item is at the pull, when each could come out and when each has
 * had too much, and what the three ways of counting the clock would each have asked for.
 *
 * All minutes run from the start of the run, the door still open on the load.
 */
final readonly class Outlook
{
    /** Twelve hours: nobody waits longer to see whether a setpoint ever serves. */
    public const FAR_MINUTES = 720.0;

    /**
     * @param  list<ItemOutlook>  $items
     * @param  array<string, CriterionOutlook>  $ways  by the way's key
     */
    private function __construct(
        public Trajectory $run,
        public float $pullMinutes,
        /** When the last item is done by the bake's own way; null if it never is. */
        public ?float $readyMinutes,
        /** When the first item passes the over-bake limit; null if none does while it is looked at. */
        public ?float $spoiltMinutes,
        /** The item that is done last. */
        public int $decides,
        /** The item nearest to over-bake at the pull. */
        public int $suffers,
        public array $items,
        public array $ways,
        public float $energyKwh,
        /** How far the picture goes, s. */
        public float $viewS,
    ) {
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     * @param  float|null  $pullMinutes  when the bake is to be pulled; null for as soon as everything is done
     * @param  float  $elseMinutes  what to look at where that never comes
     */
    public static function of(
        Oven $oven,
        array $load,
        array $aims,
        OvenSchedule $schedule,
        BakeRules $rules,
        ?float $pullMinutes,
        float $exchange = 1.0,
        float $elseMinutes = 60.0,
    ): self {
        $recorded = new RecordedRun(new Simulation($oven, $load, $schedule, $exchange), 60 * self::FAR_MINUTES);
        $attempts = [];
        foreach (TimingCriterion::cases() as $way) {
            $attempts[$way->value] = (new AttemptRun(
                $recorded,
                $load,
                $aims,
                $schedule,
                $rules->counting($way),
            ))->follow();
        }
        $needed = $attempts[$rules->way->value];
        $ready = $needed->outcome === Outcome::NeverDone ? null : $needed->pullS / 60;
        $pullMinutes = min(self::FAR_MINUTES, $pullMinutes ?? ($ready ?? $elseMinutes));
        $viewS = 60 * min(self::FAR_MINUTES, 1.3 * max($pullMinutes, $ready ?? 0, 5));
        $run = $recorded->until($viewS, $load);

        $items = [];
        foreach ($aims as $i => $aim) {
            $items[] = ItemOutlook::follow(
                $run->steps,
                new ItemWatch($aim, $recorded->balance, $i),
                $rules,
                60 * $pullMinutes,
            );
        }
        $ways = array_map(
            fn (Attempt $attempt, string $way): CriterionOutlook => CriterionOutlook::of(
                TimingCriterion::from($way),
                $attempt,
            ),
            $attempts,
            array_keys($attempts),
        );
        $spoilt = array_filter(
            array_map(fn (ItemOutlook $item): ?float => $item->spoiltMinutes, $items),
            fn (?float $m): bool => $m !== null,
        );
        $excess = array_map(fn (ItemOutlook $item): float => $item->excess, $items);

        return new self(
            $run,
            $pullMinutes,
            $ready,
            $spoilt === [] ? null : min($spoilt),
            $needed->last,
            (int) array_search(max(0.0, ...$excess), $excess, true),
            $items,
            array_combine(array_keys($attempts), $ways),
            $run->energyKwh(60 * $pullMinutes),
            $viewS,
        );
    }

    /** Whether every item is served and none has had too much if pulled as set. */
    public function good(): bool
    {
        return $this->readyMinutes !== null &&
            $this->readyMinutes <= $this->pullMinutes + 0.02 &&
            ($this->spoiltMinutes === null || $this->spoiltMinutes >= $this->pullMinutes - 0.02);
    }

    /** The first moment everything is done, if nothing is spoilt by then: when to pull. */
    public function bestPull(): ?float
    {
        return $this->readyMinutes !== null &&
            ($this->spoiltMinutes === null || $this->spoiltMinutes >= $this->readyMinutes - 0.02)
            ? $this->readyMinutes
            : null;
    }

    /**
     * Minutes at which one watch's condition first holds, closed in on within its step.
     *
     * @param  list<Step>  $steps
     * @param  \Closure(ItemWatch): bool  $holds
     */
    public static function firstMoment(array $steps, ItemWatch $watch, \Closure $holds): ?float
    {
        foreach ($steps as $step) {
            $before = $watch;
            $watch = clone $before;
            $watch->advance($step);
            if (! $holds($watch)) {
                continue;
            }
            [$low, $high] = [$step->fromS, $step->toS];
            while ($high - $low > 0.1) {
                $middle = ($low + $high) / 2;
                $at = clone $before;
                $at->advance($step, $middle);
                if ($holds($at)) {
                    $high = $middle;
                } else {
                    $low = $middle;
                }
            }

            return $high / 60;
        }

        return null;
    }
}
