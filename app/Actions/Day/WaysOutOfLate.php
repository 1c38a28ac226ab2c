<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Aenum\Core\Plan\AloneInTheShop;
use Aenum\Core\Plan\Budget;
use Aenum\Core\Plan\WayKind;
use Aenum\Core\Plan\WayOut;
use Aenum\Core\Plan\WaysOut;
use App\Models\DayPlan;
use App\Models\Lot;
use App\Support\ShopClock;
use App\Support\Units;

/** What would mend a lot's date, tried one after the other, in words. */
final readonly class WaysOutOfLate
{
    /** Each is searched for so much shorter than a plan. */
    private const EACH_SHARE = 0.125;

    private function __construct(private WayOut $way, private ShopDay $shop)
    {
    }

    /** @return list<self> the cheapest first; none where the lot is not in the plan */
    public static function of(Lot $lot): array
    {
        $before = DayPlan::standing()->steps ?? collect();
        $shop = (new ReadShopDay($before->toBase()))->read();
        $one = $shop->lots[$lot->id] ?? null;
        if ($one === null || $one->dueMin === null) {
            return [];
        }
        [$day] = AloneInTheShop::withoutHopeless($shop->day);
        $plan = PlanOfDay::plan($day, self::seconds());
        $keys = array_map($one->key(...), range(1, $one->on->loads));
        usort($keys, fn (string $a, string $b): int => $plan->endOf($b) <=> $plan->endOf($a));
        $ways = WaysOut::of($day, $plan, $keys[0], self::budget(...));
        $isOne = count($keys) === 1;
        $ways = array_filter($ways, fn (WayOut $way): bool => $isOne || $way->kind !== WayKind::Split);

        return array_values(array_map(fn (WayOut $way): self => new self($way, $shop), $ways));
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
    public function mends(): bool
    {
        return $this->way->mends();
    }

    /** What is done. */
    public function name(): string
    {
        return match ($this->way->kind) {
            WayKind::Later => 'Promise it for later',
            WayKind::Overtime => 'Everybody stays '.Units::minutes($this->way->overtimeMin).' longer each day',
            WayKind::First => 'This first, before all others',
            WayKind::Split => 'Split it: half of the pieces first',
            WayKind::OtherOven => 'Another oven takes it',
        };
    }

    /** What comes of it. */
    public function says(): string
    {
        $done = ShopClock::time($this->shop->hours->moment($this->way->endMin));
        $half = $this->way->kind === WayKind::Split ? 'the first half ' : '';
        $kept = $this->way->lateMin <= 0 ? 'the date is kept' : 'still '.Units::minutes($this->way->lateMin).' late';
        $others = array_unique(array_map(
            fn (string $key): string => (string) ($this->shop->lots[(int) $key]->lot->part->job->number ?? ''),
            $this->way->others,
        ));

        return match (true) {
            $this->way->kind === WayKind::Later => "It is done {$done}; nothing else changes.",
            $others === [] => ucfirst("{$half}is done {$done}: {$kept}; nobody else is late by it."),
            default => ucfirst("{$half}is done {$done}: {$kept}; but late by it: job ".implode(', ', $others).'.'),
        };
    }
}
