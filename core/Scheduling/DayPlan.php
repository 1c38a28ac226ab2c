<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** A plan of a day: every step with its place, what it comes to, and how far from perfect it can be at most. */
final readonly class DayPlan
{
    /**
     * @param  list<PlacedStep>  $steps  by their beginnings
     * @param  float  $boundMin  no plan has less of what the day aims at
     * @param  list<LateJob>  $late  the latest first
     * @param  list<MovedStep>  $moved  beside the plan before; none where there was none
     * @param  int  $moves  made by the search
     */
    public function __construct(
        public array $steps,
        public DayScore $score,
        public float $boundMin,
        public array $late,
        public array $moved,
        public int $moves,
    ) {
    }

    /** When a job's last step ends, min; null for a job that is not in it. */
    public function endOf(string $job): ?float
    {
        $ends = [];
        foreach ($this->steps as $step) {
            if ($step->job === $job) {
                $ends[] = $step->toMin;
            }
        }

        return $ends === [] ? null : max($ends);
    }
}
