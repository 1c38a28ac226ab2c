<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** What a plan comes to. */
final readonly class DayScore
{
    /**
     * @param  float  $lateMin  weighted minutes of all jobs after their due moments
     * @param  float  $makespanMin  end of the last step
     * @param  float  $changeMin  colour changes
     */
    public function __construct(public float $lateMin, public float $makespanMin, public float $changeMin)
    {
    }

    /** As a timetable with every job in it comes to. */
    public static function of(Timetable $table): self
    {
        $day = $table->day;
        $late = 0.0;
        foreach ($day->last as $job => $step) {
            $late += $day->weight[$job] * max(0.0, $table->to[$step] - $day->due[$job]);
        }

        return new self($late, $table->end(), $table->changeMinutes());
    }
}
