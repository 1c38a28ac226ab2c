<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** Reads a timetable back as a plan, and says why what is late is late and what stands elsewhere than before. */
final readonly class Reasons
{
    /** Where this much of a delay is there with the shop to itself, nothing else is to blame. */
    private const ITS_OWN = 0.8;

    /** The plan a full timetable is. */
    public static function planOf(Timetable $table, SingleJobRelaxation $alone, float $bound, int $moves): DayPlan
    {
        $day = $table->day;
        $steps = [];
        for ($step = 0; $step < $day->steps; $step++) {
            $steps[] = $day->placing($table, $step);
        }
        $moved = [];
        $was = [];
        foreach ($day->day->before as $one) {
            $was["{$one->job}\n{$one->step}"] = $one;
        }
        foreach ($steps as $step) {
            $old = $was["{$step->job}\n{$step->step}"] ?? null;
            $moved[] = $old === null ? null : MovedStep::between($old, $step);
        }
        usort($steps, fn (PlacedStep $a, PlacedStep $b): int => $a->fromMin <=> $b->fromMin ?: $a->job <=> $b->job);

        return new DayPlan(
            $steps,
            DayScore::of($table),
            $bound,
            self::late($table, $alone),
            array_values(array_filter($moved)),
            $moves,
        );
    }

    /** @return list<LateJob> */
    private static function late(Timetable $table, SingleJobRelaxation $alone): array
    {
        $day = $table->day;
        $late = [];
        foreach ($day->last as $job => $last) {
            $over = $table->to[$last] - $day->due[$job];
            if ($over > PackedSpans::NEAR) {
                $late[] = self::why($table, $job, $over, max(0.0, $alone->end[$job] - $day->due[$job]));
            }
        }
        usort($late, fn (LateJob $a, LateJob $b): int => $b->lateMin <=> $a->lateMin ?: $a->job <=> $b->job);

        return $late;
    }

    private static function why(Timetable $table, int $job, float $late, float $alone): LateJob
    {
        $day = $table->day;
        $key = $day->day->jobs[$job]->key;
        $worst = null;
        $longest = PackedSpans::NEAR;
        for ($step = $day->first[$job]; $step <= $day->last[$job]; $step++) {
            $could = $step === $day->first[$job] ? $day->ready[$job] : $table->to[$step - 1] + $day->waitMin[$step - 1];
            if (! isset($day->begun[$step]) && $longest < $table->from[$step] - $could) {
                [$worst, $longest] = [$step, $table->from[$step] - $could];
            }
        }
        if ($worst === null || $alone >= self::ITS_OWN * $late) {
            return new LateJob($key, $late, $alone, DelayCause::Itself, null, 0.0, null);
        }
        [$by, $for] = $table->waitedFor($worst, $table->from[$worst] - $longest);

        return new LateJob($key, $late, $alone, $by, $day->key[$worst], $longest, $for);
    }
}
