<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\LateOption;
use Aenum\Core\Scheduling\LateOptionKind;
use Aenum\Core\Scheduling\LateOptions;
use Aenum\Core\Scheduling\SingleJobRelaxation;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Scheduling\Commands\PlanDay;
use App\Scheduling\Models\DayPlan;

/** Options to keep a batch's date, tried one by one. */
final readonly class LateOptionsQuery
{
    /** Each is searched for so much shorter than a plan. */
    private const EACH_SHARE = 0.125;

    private function __construct(private LateOption $way, private ShopDaySnapshot $shop)
    {
    }

    /** @return list<self> the cheapest first; none where the lot is not in the plan */
    public static function of(Batch $batch): array
    {
        $before = DayPlan::standing()->steps ?? collect();
        $shop = (new ReadShopDay($before->toBase()))->read();
        $one = $shop->batches[$batch->id] ?? null;
        if ($one === null || $one->dueMin === null) {
            return [];
        }
        [$day] = SingleJobRelaxation::withoutHopeless($shop->day);
        $plan = PlanDay::plan($day, self::seconds());
        $keys = array_map($one->key(...), range(1, $one->on->loads));
        usort($keys, fn (string $a, string $b): int => $plan->endOf($b) <=> $plan->endOf($a));
        $ways = LateOptions::of($day, $plan, $keys[0], self::budget(...));
        $isOne = count($keys) === 1;
        $ways = array_filter($ways, fn (LateOption $way): bool => $isOne || $way->kind !== LateOptionKind::Split);

        return array_values(array_map(fn (LateOption $way): self => new self($way, $shop), $ways));
    }

    private static function seconds(): float
    {
        return self::EACH_SHARE * config('app.day_seconds');
    }

    private static function budget(): Budget
    {
        $began = microtime(true);

        return Budget::seconds(self::seconds(), fn (): float => microtime(true) - $began);
    }

    /** Whether the date is kept by it, and nobody else's lost. */
    public function meetsDate(): bool
    {
        return $this->way->meetsDate();
    }

    /** What is done. */
    public function name(): string
    {
        return match ($this->way->kind) {
            LateOptionKind::Later => 'Promise it for later',
            LateOptionKind::Overtime => 'Everybody stays '.Units::minutes($this->way->overtimeMin).' longer each day',
            LateOptionKind::First => 'This first, before all others',
            LateOptionKind::Split => 'Split it: half of the pieces first',
            LateOptionKind::OtherOven => 'Another oven takes it',
        };
    }

    /** What comes of it. */
    public function says(): string
    {
        $done = ShopClock::time($this->shop->hours->moment($this->way->endMin));
        $half = $this->way->kind === LateOptionKind::Split ? 'the first half ' : '';
        $kept = $this->way->lateMin <= 0 ? 'the date is kept' : 'still '.Units::minutes($this->way->lateMin).' late';
        $others = array_unique(array_map(
            fn (string $key): string => (string) ($this->shop->batches[(int) $key]->batch->part->job->number ?? ''),
            $this->way->others,
        ));

        return match (true) {
            $this->way->kind === LateOptionKind::Later => "It is done {$done}; nothing else changes.",
            $others === [] => ucfirst("{$half}is done {$done}: {$kept}; nobody else is late by it."),
            default => ucfirst("{$half}is done {$done}: {$kept}; but late by it: job ".implode(', ', $others).'.'),
        };
    }
}
