<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Step;
use Aenum\Core\Thermal\Trajectory;

/** Follows a run until every item has what it wants. */
final readonly class AttemptRun
{
    /** A plan stays this far inside the over-bake limit, which covers the integrator's own error. */
    private const INSIDE = 0.9997;

    /** Slower than this everywhere is standing still, K/s. */
    private const STILL_K_PER_S = 2e-5;

    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     */
    public function __construct(
        private RecordedRun $recorded,
        private array $load,
        private array $aims,
        private OvenSchedule $schedule,
        private BakeRules $rules,
    ) {
    }

    /** Runs until everything is done, or never will be. */
    public function follow(): Attempt
    {
        $balance = $this->recorded->balance;
        $watches = array_map(
            fn (int $i): ItemWatch => new ItemWatch($this->aims[$i], $balance, $i),
            array_keys($this->aims),
        );
        $timedS = $this->timedS();
        $settledAfter = max([0.0, ...$this->schedule->switchTimes(INF)]);
        $steps = [];
        $waiting = null;
        foreach ($this->recorded as $step) {
            $before = $watches;
            $watches = [];
            $waiting = null;
            foreach ($before as $i => $watch) {
                $watches[] = $next = clone $watch;
                $next->advance($step);
                if (! $next->met($this->rules, $timedS)) {
                    $waiting ??= $i;
                }
            }
            $steps[] = $step;
            if ($waiting === null) {
                [$pullS, $last, $watches] = $this->moment($step, $before, $timedS);

                return new Attempt(
                    $this->schedule->setpointC,
                    $this->excess($watches) <= self::INSIDE ? Outcome::Serves : Outcome::Overbakes,
                    $pullS,
                    $last,
                    $watches,
                    new Trajectory($steps, $balance, $this->load),
                    $this->rules,
                );
            }
            if (
                $step->toS > $settledAfter &&
                $watches[$waiting]->hopelessAt($step, $this->rules) &&
                $this->still($step)
            ) {
                break;
            }
        }
        $last = $waiting ?? 0;

        return new Attempt(
            $this->schedule->setpointC,
            Outcome::NeverDone,
            end($steps) === false ? 0.0 : end($steps)->toS,
            $last,
            $watches,
            new Trajectory($steps, $balance, $this->load),
            $this->rules,
        );
    }

    /**
     * The moment within a step at which the last item is done, which item that is, and the watches at that moment.
     *
     * @param  list<ItemWatch>  $before
     * @return array{float, int, list<ItemWatch>}
     */
    private function moment(Step $step, array $before, float $timedS): array
    {
        $low = $step->fromS;
        $high = $step->toS;
        $open = [];
        foreach ($before as $i => $watch) {
            if (! $watch->met($this->rules, $timedS)) {
                $open[] = $i;
            }
        }
        $last = $open[0] ?? 0;
        while ($open !== [] && $high - $low > 0.05) {
            $middle = ($low + $high) / 2;
            $late = array_values(
                array_filter(
                    $open,
                    fn (int $i): bool => ! $this->after($before[$i], $step, $middle)->met($this->rules, $timedS),
                ),
            );
            if ($late === []) {
                $high = $middle;
            } else {
                $low = $middle;
                $open = $late;
                $last = $late[0];
            }
        }

        $high = min($step->toS, 0.6 * ceil($high / 0.6));

        return [
            $high,
            $last,
            array_map(fn (ItemWatch $watch): ItemWatch => $this->after($watch, $step, $high), $before),
        ];
    }

    private function after(ItemWatch $watch, Step $step, float $second): ItemWatch
    {
        $next = clone $watch;
        $next->advance($step, $second);

        return $next;
    }

    /** @param  list<ItemWatch>  $watches */
    private function excess(array $watches): float
    {
        return max(0.0, ...array_map(fn (ItemWatch $watch): float => $watch->excess($this->rules), $watches));
    }

    private function still(Step $step): bool
    {
        foreach ($step->toSlope as $node => $slope) {
            if ($node !== 2 && abs($slope) > self::STILL_K_PER_S) {
                return false;
            }
        }

        return true;
    }

    /** Seconds the oven-entry habit would bake: the longest any sheet asks for at the setpoint, with the margin. */
    private function timedS(): float
    {
        return 60 *
            (1 + $this->rules->margin) *
            max(
                0.0,
                ...array_map(
                    fn (CureTarget $aim): float => $aim->timedMinutes($this->rules->way, $this->schedule->setpointC),
                    array_filter($this->aims, fn (CureTarget $aim): bool => ! $aim->gone),
                ),
            );
    }
}
