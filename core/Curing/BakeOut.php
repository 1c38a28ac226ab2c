<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Segment;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Trajectory;
use Aenum\Core\Units\Check;

/**
 * A bake of bare parts: when the slowest metal reaches the asked temperature, and when it has been held there long
 * enough.
 */
final readonly class BakeOut
{
    /**
     * The air is run at least this much over the asked part temperature, K: an oven's shell stays cooler than its air,
     * and the metal between the two.
     */
    private const AIR_ABOVE_K = 10.0;

    private const STRIDE_K = 5.0;

    /** A setpoint is hot enough when a hotter one would get the slowest metal there no more than this much sooner. */
    private const WORTH_IT = 1.25;

    /** Where metal ages, so many times the soonest bake is worth its ageing less. */
    private const AGES_LESS_FOR = 2.2;

    /** Minutes are set and shown in tenths; a pull this little early is on time. */
    private const ROUNDING_MIN = 0.02;

    /** The longest anything is held, min: the longest relief bake and a little more. */
    public const MOST_HOLD_MIN = 1440.0;

    /** How far it is followed, s. */
    private const HORIZON_S = 36 * 3600.0;

    /**
     * @param  list<array{reaches: ?float, done: ?float, held: float, peakC: float, metalMinutes: float}>  $items
     *                                                                              minutes of the run; held is all
     *                                                                              that was spent there by the pull
     */
    private function __construct(
        public Trajectory $run,
        /** Minutes of the run, door and all, to the pull; null where it never gets there. */
        public ?float $pullMinutes,
        /** The item that is done last. */
        public int $decides,
        public array $items,
        public float $energyKwh,
    ) {
    }

    /**
     * @param  non-empty-list<LoadItem>  $load  bare metal
     * @param  float  $targetC  part metal, 60 to 400
     * @param  float  $holdMinutes  at that temperature, 1 to MOST_HOLD_MIN
     * @param  float|null  $pullMinutes  when it is to be pulled; null for as soon as all is held
     * @param  float  $exchange  one factor on every item's h and F, as readings have it
     * @param  list<LoadItem>  $beside  what else is in the oven and takes of its heat
     */
    public static function plan(
        Oven $oven,
        array $load,
        OvenSchedule $schedule,
        float $targetC,
        float $holdMinutes,
        ?float $pullMinutes = null,
        float $exchange = 1.0,
        array $beside = [],
    ): self {
        Check::between('target_c', $targetC, 60, 400);
        Check::between('hold_min', $holdMinutes, 1, self::MOST_HOLD_MIN);
        $all = [...$load, ...$beside];
        $recorded = new RecordedRun(new Simulation($oven, $all, $schedule, $exchange), self::HORIZON_S);
        [$reaches, $done] = self::follow($recorded, count($load), $targetC, $holdMinutes);
        $never = array_search(null, $done, true);
        $last = $never === false ? (int) array_search(max([0.0, ...$done]), $done, true) : (int) $never;
        $ready = $never === false ? (float) $done[$last] : null;
        $run = $recorded->until(60 * ($pullMinutes ?? ($ready ?? 240.0)), $all);
        $end = min($run->endS(), 60 * ($pullMinutes ?? ($ready ?? INF)));
        $items = [];
        foreach ($load as $i => $item) {
            $course = array_map(
                fn (Segment $piece): Segment => $piece->until($end),
                array_filter($run->coreCourse($i), fn (Segment $piece): bool => $piece->fromS < $end),
            );
            $items[] = [
                'reaches' => $reaches[$i],
                'done' => $done[$i],
                'held' => self::held($course, $targetC),
                'peakC' => max(
                    $item->startC ?? -INF,
                    ...array_map(
                        fn (Segment $piece): float => max($piece->fromC, $piece->toC),
                        array_values($course),
                    ),
                ),
                'metalMinutes' => MetalAging::minutes($course),
            ];
        }

        return new self($run, $pullMinutes ?? $ready, $last, $items, $run->energyKwh($end));
    }

    /** Minutes of the run at which every one of the first items is held long enough; null where that never comes. */
    public static function readyIn(RecordedRun $recorded, int $items, float $targetC, float $holdMinutes): ?float
    {
        $done = self::follow($recorded, $items, $targetC, $holdMinutes)[1];

        return in_array(null, $done, true) ? null : max(0.0, ...array_filter($done, is_float(...)));
    }

    /**
     * When each of the first items gets there, and when it is held long enough, min of the run.
     *
     * @return array{array<int, ?float>, array<int, ?float>}
     */
    private static function follow(RecordedRun $recorded, int $items, float $targetC, float $holdMinutes): array
    {
        $held = array_fill(0, $items, 0.0);
        $reaches = $done = array_fill(0, $items, null);
        foreach ($recorded as $step) {
            foreach ($held as $i => $seconds) {
                $stretch = $done[$i] === null ? $step->course($recorded->balance->coreOf($i))->above($targetC) : null;
                if ($stretch === null) {
                    continue;
                }
                $reaches[$i] ??= $stretch[0] / 60;
                $held[$i] = $seconds + $stretch[1] - $stretch[0];
                if ($held[$i] >= 60 * $holdMinutes) {
                    $done[$i] = ($stretch[1] - ($held[$i] - 60 * $holdMinutes)) / 60;
                }
            }
            if (! in_array(null, $done, true)) {
                break;
            }
        }

        return [$reaches, $done];
    }

    /** @param  array<Segment>  $course  minutes of it spent at a temperature and above */
    private static function held(array $course, float $targetC): float
    {
        $seconds = 0.0;
        foreach ($course as $piece) {
            $stretch = $piece->above($targetC) ?? [0.0, 0.0];
            $seconds += $stretch[1] - $stretch[0];
        }

        return $seconds / 60;
    }

    /**
     * The setpoint to begin with, °C: the coolest that gets the slowest metal there in not much more time than the
     * hottest the oven has; where metal ages, the one that ages it least in not much more than twice the time.
     *
     * @param  non-empty-list<LoadItem>  $load
     */
    public static function setpointFor(
        Oven $oven,
        array $load,
        OvenSchedule $schedule,
        float $targetC,
        float $holdMinutes,
    ): float {
        $hottest = floor($oven->maxC ?? $targetC + self::AIR_ABOVE_K);
        $ages = array_filter($load, fn (LoadItem $item): bool => $item->metal->ageHardens()) !== [];
        $plan = fn (float $setpoint): self => self::plan(
            $oven,
            $load,
            $schedule->at($setpoint),
            $targetC,
            $ages ? $holdMinutes : 1,
        );
        $aged = fn (self $one): float => max(0.0, ...array_column($one->items, 'metalMinutes'));
        $soonest = $plan($hottest);
        $best = $hottest;
        $least = $aged($soonest);
        for ($setpoint = $targetC + self::STRIDE_K; $setpoint < $hottest; $setpoint += self::STRIDE_K) {
            $one = $plan($setpoint);
            if (! $ages) {
                if (
                    $setpoint >= $targetC + self::AIR_ABOVE_K &&
                    self::slowestReaches($one) <= self::WORTH_IT * self::slowestReaches($soonest)
                ) {
                    return $setpoint;
                }
            } elseif (($one->pullMinutes ?? INF) <= self::AGES_LESS_FOR * ($soonest->pullMinutes ?? 0.0)) {
                [$best, $least] = $aged($one) < $least ? [$setpoint, $aged($one)] : [$best, $least];
            }
        }

        return $best;
    }

    private static function slowestReaches(self $plan): float
    {
        return max(0.0, ...array_map(fn (array $item): float => $item['reaches'] ?? INF, $plan->items));
    }

    /** Whether an item that is done at one minute of the run was held long enough in a pull at another. */
    public function isHeldBy(float $done, float $pull): bool
    {
        return $done <= $pull + self::ROUNDING_MIN;
    }

    /** Whether every item was held long enough when pulled as set. */
    public function good(): bool
    {
        return $this->pullMinutes !== null &&
            array_filter(
                $this->items,
                fn (array $item): bool => $item['done'] === null ||
                    ! $this->isHeldBy($item['done'], (float) $this->pullMinutes),
            ) === [];
    }
}
