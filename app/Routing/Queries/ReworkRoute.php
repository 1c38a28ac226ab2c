<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Station;
use App\Inspection\Models\Rework;
use App\Inspection\Models\ReworkStep;

/** The route of reworked pieces: the part's own, with the rework steps before inspection. */
final readonly class ReworkRoute
{
    /**
     * @param  list<Step>  $steps  all of it, as it is walked
     * @param  list<Step>  $sinceStripped  what is ahead of bare metal: where nothing was stripped all of it
     * @param  list<int>  $positions  of those among all steps
     * @param  bool  $isStripped  the powder of this shop came off again, to start over
     */
    private function __construct(
        public array $steps,
        public array $sinceStripped,
        public array $positions,
        public bool $isStripped = false,
    ) {
    }

    /** @param  list<Step>  $steps  the part's own */
    public static function of(array $steps, ?BatchCoats $coats): self
    {
        if ($coats === null || $coats->reworks === []) {
            return new self($steps, $steps, array_keys($steps));
        }
        $at = self::ends($steps);
        [$before, $after] = [array_slice($steps, 0, $at), array_slice($steps, $at)];
        $since = $before;
        $first = 0;
        foreach ($coats->reworks as $rework) {
            $laid = self::laid($rework);
            [$since, $first] = $rework->takesAllOff() ? [$laid, count($before)] : [[...$since, ...$laid], $first];
            array_push($before, ...$laid);
        }
        $taken = $coats->taken();
        $asFirst = fn (Step $step): Step => $step->coat === null ? $step : $step->ofCoat($step->coat - $taken);

        $steps = [...$before, ...$after];
        $last = $taken === 0 ? $after : self::ofNoCoat($after);
        $sinceAt = $since === [] ? [] : range($first, $first + count($since) - 1);
        $lastAt = array_keys(array_filter($steps, fn (Step $step): bool => in_array($step, $last, true)));

        return new self(
            $steps,
            [...($taken === 0 ? $since : array_map($asFirst, $since)), ...$last],
            [...$sinceAt, ...array_filter($lastAt, fn (int $n): bool => $n >= count($before))],
            $taken > 0,
        );
    }

    /**
     * Where it is done and only looked at and handed over.
     *
     * @param  list<Step>  $steps
     */
    private static function ends(array $steps): int
    {
        foreach ($steps as $n => $step) {
            if (! Station::Inspect->isAfter($step->kind->station())) {
                return $n;
            }
        }

        return count($steps);
    }

    /** @return list<Step> */
    private static function laid(Rework $rework): array
    {
        $steps = $rework->steps->toBase()->map(fn (ReworkStep $stored): ?Step => $stored->step());

        return array_values($steps->filter()->all());
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function ofNoCoat(array $steps): array
    {
        return array_values(array_filter($steps, fn (Step $step): bool => $step->coat === null));
    }
}
