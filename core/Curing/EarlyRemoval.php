<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;

/**
 * One load that serves everything because some of it is taken out while the rest bakes on: what is offered beside
 * parting a load that no single pull serves.
 *
 * Each taking out opens the door, and the rest is worked out with that.
 */
final readonly class EarlyRemoval
{
    /** The door stands open so long while something is taken out, s. House figure. */
    public const DOOR_S = 45.0;

    /**
     * @param  array<int, float>  $outMinutes  group => minute of the run at which the door opens for it, the first
     *                                         first
     * @param  float  $minutes  minute of the run at which the rest is pulled
     */
    private function __construct(public float $setpointC, public array $outMinutes, public float $minutes)
    {
    }

    /**
     * The shortest such bake at any of some setpoints; null where none serves.
     *
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     * @param  list<int>  $groups  of each item: what comes out together, such as the regions of one casting
     * @param  list<float>  $setpointsC
     */
    public static function find(
        Oven $oven,
        array $load,
        array $aims,
        array $groups,
        OvenSchedule $schedule,
        BakeRules $rules,
        array $setpointsC,
    ): ?self {
        $best = null;
        foreach (array_unique($setpointsC) as $celsius) {
            $one = self::at($oven, $load, $aims, $groups, $schedule->at($celsius), $rules);
            if ($one !== null && ($best === null || $one->minutes < $best->minutes)) {
                $best = $one;
            }
        }

        return $best;
    }

    /**
     * @param  list<LoadItem>  $load
     * @param  list<CureTarget>  $aims
     * @param  list<int>  $groups
     */
    private static function at(
        Oven $oven,
        array $load,
        array $aims,
        array $groups,
        OvenSchedule $schedule,
        BakeRules $rules,
    ): ?self {
        $setpointC = $schedule->setpointC;
        $out = [];
        while (count($out) < count(array_unique($groups))) {
            $look = Outlook::of($oven, $load, $aims, $schedule, $rules, null);
            $pull = $look->bestPull();
            if ($pull !== null) {
                return $out === [] ? null : new self($setpointC, $out, $pull);
            }
            $next = $look->readyMinutes === null ? null : self::firstSpoilt($look, $groups, $out);
            if ($next === null) {
                return null;
            }
            [$group, $minute] = $next;
            $out[$group] = $minute;
            $leaves = fn (int $i): bool => $groups[$i] === $group;
            $outMin = $minute + self::DOOR_S / 60;
            $load = array_map(
                fn (LoadItem $item, int $i): LoadItem => $leaves($i) ? $item->outAt($outMin) : $item,
                $load,
                array_keys($load),
            );
            $aims = array_map(
                fn (CureTarget $aim, int $i): CureTarget => $leaves($i) ? $aim->asGone() : $aim,
                $aims,
                array_keys($aims),
            );
            $schedule = $schedule->withDoor(Door::opened($minute, self::DOOR_S));
        }

        return null;
    }

    /**
     * What would be spoilt first, and when it is done; null where it is spoilt before it is done.
     *
     * @param  list<int>  $groups
     * @param  array<int, float>  $out
     * @return array{int, float}|null
     */
    private static function firstSpoilt(Outlook $look, array $groups, array $out): ?array
    {
        $ready = $spoilt = [];
        foreach ($look->items as $i => $item) {
            if (isset($out[$groups[$i]])) {
                continue;
            }
            $ready[$groups[$i]] = max($ready[$groups[$i]] ?? 0.0, $item->readyMinutes ?? INF);
            $spoilt[$groups[$i]] = min($spoilt[$groups[$i]] ?? INF, $item->spoiltMinutes ?? INF);
        }
        $first = array_search(min(INF, ...array_values($spoilt)), $spoilt, true);
        if ($first === false || $spoilt[$first] === INF || $ready[$first] > $spoilt[$first]) {
            return null;
        }
        $whole = ceil($ready[$first]);

        return [$first, $whole <= $spoilt[$first] ? $whole : $ready[$first]];
    }
}
