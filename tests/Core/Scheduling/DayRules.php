<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;

/** Every rule of a day written a second time, from what is asked of a plan and not from how one is made. */
final readonly class DayRules
{
    private const NEAR = 1e-4;

    /** @return list<string> what a plan breaks */
    public static function broken(ShopDay $day, DayPlan $plan): array
    {
        $steps = [];
        foreach ($plan->steps as $placing) {
            $steps[$placing->job][$placing->step] = $placing;
        }

        return [
            ...self::jobs($day, $steps),
            ...self::machines($day, $steps),
            ...self::hands($day, $steps),
            ...self::means($day, $steps),
            ...self::begun($day, $steps),
        ];
    }

    /** Weighted minutes late, counted from the placings. */
    public static function late(ShopDay $day, DayPlan $plan): float
    {
        $late = 0.0;
        foreach ($day->jobs as $job) {
            $late += $job->weight * max(0.0, $plan->endOf($job->key) - ($job->dueMin ?? INF));
        }

        return $late;
    }

    /**
     * @param  array<string, array<string, PlacedStep>>  $steps
     * @return list<string>
     */
    private static function jobs(ShopDay $day, array $steps): array
    {
        $wrong = [];
        foreach ($day->jobs as $job) {
            $earliest = $job->readyMin;
            $latest = INF;
            foreach ($job->steps as $step) {
                $is = $steps[$job->key][$step->key] ?? null;
                if ($is === null) {
                    $wrong[] = "{$job->key} {$step->key} is not there";

                    break;
                }
                $name = "{$job->key} {$step->key} at {$is->fromMin}";
                $wrong[] = $is->fromMin < $earliest - self::NEAR ? "{$name} is before {$earliest}" : null;
                $wrong[] = $is->fromMin > $latest + self::NEAR ? "{$name} is after {$latest}" : null;
                $wrong[] = in_array($is->on, $step->on, true) ? null : "{$name} is on {$is->on}";
                $earliest = $is->toMin + $step->waitMin;
                $latest = $is->toMin + ($step->waitMax ?? INF);
            }
        }

        return array_values(array_filter($wrong));
    }

    /**
     * @param  array<string, array<string, PlacedStep>>  $steps
     * @return list<string>
     */
    private static function machines(ShopDay $day, array $steps): array
    {
        $wrong = [];
        foreach ($day->machines as $machine) {
            $on = [];
            foreach ($day->jobs as $job) {
                foreach ($job->steps as $step) {
                    $is = $steps[$job->key][$step->key] ?? null;
                    if ($is?->on === $machine->key) {
                        $on[] = [$is, $step, $job];
                        $wrong[] = self::open($machine->open, $is->fromMin, $is->toMin)
                            ? null
                            : "{$job->key} {$step->key}: {$machine->key} is shut";
                    }
                }
            }
            $when = fn (array $one): array => [$one[0]->fromMin, $one[0]->toMin];
            usort($on, fn (array $a, array $b): int => $when($a) <=> $when($b));
            $wrong = [...$wrong, ...($machine->isOven() ? self::bakes($machine, $on) : self::turns($machine, $on))];
        }

        return array_values(array_filter($wrong));
    }

    /**
     * @param  list<array{PlacedStep, DayStep, DayJob}>  $on
     * @return list<?string>
     */
    private static function turns(DayMachine $machine, array $on): array
    {
        $wrong = [];
        $colour = null;
        $end = -INF;
        foreach ($on as [$is, $step]) {
            $name = "{$is->job} {$step->key} on {$machine->key}";
            $change = $step->colour === null || $colour === null ? 0.0 : $machine->change($colour, $step->colour);
            $wrong[] = $is->fromMin < $end + $change - self::NEAR ? "{$name} begins before it is free" : null;
            $wrong[] = abs($is->toMin - $is->fromMin - $step->minutes) > self::NEAR ? "{$name} is cut" : null;
            $colour = $step->colour ?? $colour;
            $end = $is->toMin;
        }

        return $wrong;
    }

    /**
     * @param  list<array{PlacedStep, DayStep, DayJob}>  $on
     * @return list<?string>
     */
    private static function bakes(DayMachine $machine, array $on): array
    {
        $wrong = [];
        $bakes = [];
        foreach ($on as $one) {
            $bakes[sprintf('%.3f', $one[0]->fromMin)][] = $one;
        }
        $end = -INF;
        foreach ($bakes as $at => $inside) {
            $families = array_unique(array_map(
                fn (array $one): string => $one[1]->family === null
                    ? "{$one[2]->key}/{$one[1]->key}"
                    : "={$one[1]->family}",
                $inside,
            ));
            $longest = max(array_map(fn (array $one): float => $one[1]->minutes, $inside));
            $room = array_sum(array_map(fn (array $one): float => $one[1]->room, $inside));
            $wrong[] = count($families) > 1 ? "{$machine->key} at {$at} mixes ".implode(', ', $families) : null;
            $wrong[] = $room > $machine->room + self::NEAR ? "{$machine->key} at {$at} holds {$room}" : null;
            $wrong[] = (float) $at < $end - 1e-3 ? "{$machine->key} at {$at} bakes already" : null;
            foreach ($inside as [$is]) {
                $wrong[] = abs($is->toMin - $is->fromMin - $longest) > self::NEAR
                    ? "{$is->job} {$is->step} does not end with its bake"
                    : null;
                $end = $is->toMin;
            }
        }

        return $wrong;
    }

    /**
     * @param  array<string, array<string, PlacedStep>>  $steps
     * @return list<string>
     */
    private static function hands(ShopDay $day, array $steps): array
    {
        if ($day->people === []) {
            return [];
        }
        $people = array_combine(array_map(fn (DayPerson $p): string => $p->key, $day->people), $day->people);
        $wrong = $tasks = [];
        foreach ($day->jobs as $job) {
            foreach ($job->steps as $step) {
                $is = $steps[$job->key][$step->key] ?? null;
                if ($is === null || $step->handsMin <= 0) {
                    continue;
                }
                $person = $people[$is->who ?? ''] ?? null;
                $until = $is->fromMin + $step->handsMin;
                $name = "{$job->key} {$step->key} by {$is->who}";
                $can = $person !== null && in_array($step->who, $person->can, true);
                $wrong[] = $can ? null : "{$name}, who cannot";
                $wrong[] = $person === null || self::open($person->open, $is->fromMin, $until) ? null : "{$name}, away";
                $isOven = self::machine($day, $is->on)->isOven();
                $key = $isOven ? "{$is->on} ".sprintf('%.3f', $is->fromMin) : $name;
                $old = $tasks[$is->who ?? ''][$key] ?? [$is->fromMin, $until];
                $tasks[$is->who ?? ''][$key] = [$is->fromMin, max($until, $old[1])];
            }
        }
        foreach ($tasks as $who => $hers) {
            sort($hers);
            foreach ($hers as $n => [$from]) {
                $before = $hers[$n - 1][1] ?? -INF;
                $wrong[] = $from < $before - self::NEAR ? "{$who} has two things at {$from}" : null;
            }
        }

        return array_values(array_filter($wrong));
    }

    private static function machine(ShopDay $day, string $key): DayMachine
    {
        foreach ($day->machines as $machine) {
            if ($machine->key === $key) {
                return $machine;
            }
        }
        throw new \LogicException($key);
    }

    /**
     * @param  array<string, array<string, PlacedStep>>  $steps
     * @return list<string>
     */
    private static function means(ShopDay $day, array $steps): array
    {
        $wrong = [];
        foreach ($day->means as $means => $most) {
            $spans = [];
            foreach ($day->jobs as $job) {
                $takes = array_filter($job->steps, fn (DayStep $step): bool => ($step->takes[$means] ?? 0) > 0);
                $mine = array_map(fn (DayStep $step): PlacedStep => $steps[$job->key][$step->key], $takes);
                if ($mine !== []) {
                    $spans[] = [
                        min(array_map(fn (PlacedStep $is): float => $is->fromMin, $mine)),
                        max(array_map(fn (PlacedStep $is): float => $is->toMin, $mine)),
                        max(array_map(fn (DayStep $step): float => $step->takes[$means], $takes)),
                    ];
                }
            }
            foreach ($spans as [$at]) {
                $held = array_sum(array_map(
                    fn (array $span): float => $span[0] <= $at && $span[1] > $at + self::NEAR ? $span[2] : 0.0,
                    $spans,
                ));
                $wrong[] = $held > $most + self::NEAR ? "{$held} {$means} are held at {$at}, of {$most}" : null;
            }
        }

        return array_values(array_filter($wrong));
    }

    /**
     * @param  array<string, array<string, PlacedStep>>  $steps
     * @return list<string>
     */
    private static function begun(ShopDay $day, array $steps): array
    {
        $wrong = [];
        foreach ($day->begun as $one) {
            $is = $steps[$one->job][$one->step] ?? null;
            $wrong[] = $is?->on === $one->on && abs($is->fromMin - $one->fromMin) < self::NEAR
                ? null
                : "{$one->job} {$one->step} had begun and was moved";
            unset($steps[$one->job][$one->step]);
        }
        foreach ($steps as $of) {
            foreach ($of as $is) {
                $wrong[] = $is->fromMin < $day->nowMin - self::NEAR ? "{$is->job} {$is->step} begins before now" : null;
            }
        }

        return array_values(array_filter($wrong));
    }

    private static function open(Spans $spans, float $from, float $to): bool
    {
        foreach ($spans->open as [$opens, $shuts]) {
            if ($opens <= $from + self::NEAR && $to <= $shuts + self::NEAR) {
                return true;
            }
        }

        return $spans->open === [];
    }
}
