<?php

declare(strict_types=1);

namespace App\Scheduling\ViewModels;

use Aenum\Core\Scheduling\MovedStep;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\DayPlan;
use App\Scheduling\Models\PlannedStep;

/** A step whose place differs from the plan before. */
final readonly class MovedStepRow
{
    private function __construct(public PlannedStep $was, public PlannedStep $is)
    {
    }

    /** @return list<self> beside the plan before it, the soonest first */
    public static function since(DayPlan $plan): array
    {
        if (! $plan->exists) {
            return [];
        }
        $old = DayPlan::query()->where('id', '<', $plan->id)->orderByDesc('id')->first()?->steps->keyBy(self::key(...));
        $moved = [];
        foreach ($old === null ? [] : $plan->steps as $step) {
            $was = $old[self::key($step)] ?? null;
            $still = $was !== null
                && $was->bench_id === $step->bench_id && $was->oven_id === $step->oven_id
                && $was->user_id === $step->user_id
                && abs($was->from_at->diffInMinutes($step->from_at)) <= MovedStep::STILL_MIN;
            if ($was !== null && ! $still) {
                $moved[] = new self($was, $step);
            }
        }

        return $moved;
    }

    private static function key(PlannedStep $step): string
    {
        return "{$step->batch_id}.{$step->load} {$step->step}";
    }

    /** What moved where, in words. */
    public function words(): string
    {
        $words = 'from '.ShopClock::time($this->was->from_at).' to '.ShopClock::time($this->is->from_at);
        $words .= $this->was->place() === $this->is->place() ? '' : ", on {$this->is->place()}";

        return $words.($this->was->user_id === $this->is->user_id || $this->is->user === null
            ? ''
            : ", by {$this->is->user->name}");
    }
}
