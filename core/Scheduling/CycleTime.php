<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A run of many like loads: how often one can leave, and what holds it up. */
final readonly class CycleTime
{
    /**
     * @param  float  $everyMin  minutes between one load and the next at best, while everything is open
     * @param  string  $heldBy  the machine, or the work of hands, that allows no more
     * @param  bool  $byHands  whether that is hands
     * @param  array<string, float>  $minutes  of every machine, and of all hands, for one load; the most first
     */
    private function __construct(
        public float $everyMin,
        public string $heldBy,
        public bool $byHands,
        public array $minutes,
    ) {
    }

    /**
     * Of one load's steps: what each machine, and all hands together, have to do for it.
     *
     * @param  list<DayStep>  $steps  of one load
     * @param  list<DayMachine>  $machines
     * @param  list<DayPerson>  $people  none: hands are not limited
     */
    public static function of(array $steps, array $machines, array $people): self
    {
        $room = [];
        foreach ($machines as $machine) {
            $room[$machine->key] = $machine->isOven() ? $machine->room : 1.0;
        }
        $minutes = [];
        $hands = 0.0;
        foreach ($steps as $step) {
            $able = 0.0;
            foreach ($step->on as $key) {
                $able += $step->family === null ? 1.0 : max(1.0, floor($room[$key] / max(1e-6, $step->room)));
            }
            $name = $step->on[0];
            $minutes[$name] = ($minutes[$name] ?? 0.0) + $step->minutes / max(1.0, $able);
            $hands += $step->handsMin;
        }
        if ($people !== []) {
            $minutes['hands'] = $hands / count($people);
        }
        arsort($minutes);
        $most = (string) array_key_first($minutes);

        return new self($minutes[$most] ?? 0.0, $most, $most === 'hands', $minutes);
    }
}
