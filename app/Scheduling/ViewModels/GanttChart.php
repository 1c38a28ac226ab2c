<?php

declare(strict_types=1);

namespace App\Scheduling\ViewModels;

use Aenum\Core\Trade\Station;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\PlannedStep;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/**
 * A day as a Gantt chart: a row for each bench and oven, then for each person; hands are dark, unattended time is
 * light.
 */
final readonly class GanttChart
{
    public const WIDE = 1200;

    public const ROW = 34;

    private const LEFT = 150;

    private const RIGHT = 12;

    private const TOP = 26;

    /** A bar is at least so wide, and carries its name from so wide on. */
    private const LEAST = 4;

    private const NAMED = 34;

    /** Letters that stand in so much of a bar. */
    private const LETTER = 7.2;

    /**
     * @param  array<string, list<PlannedStep>>  $rows  by what the line is called
     * @param  int  $places  so many of them are benches and ovens
     */
    private function __construct(
        private array $rows,
        private int $places,
        private CarbonImmutable $from,
        private CarbonImmutable $to,
    ) {
    }

    /**
     * @param  Collection<int, PlannedStep>  $steps  of one day
     * @param  array{CarbonImmutable, CarbonImmutable}  $open  when the shop works that day
     */
    public static function of(Collection $steps, array $open): self
    {
        $places = $people = [];
        foreach ($steps as $step) {
            $places[$step->place()][] = $step;
            if ($step->user !== null) {
                $people[$step->user->name][] = $step;
            }
        }
        ksort($people);
        uasort($places, fn (array $a, array $b): int => self::turn($a[0]) <=> self::turn($b[0]));
        $from = $steps->min('from_at') ?? $open[0];
        $to = $steps->max('to_at') ?? $open[1];

        return new self(
            $places + $people,
            count($places),
            $open[0]->min($from)->startOfHour(),
            $open[1]->max($to)->addMinutes(20),
        );
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }

    public function high(): int
    {
        return self::TOP + self::ROW * count($this->rows) + ($this->places > 0 ? 12 : 0);
    }

    /** @return list<array{x: float, label: string}> full hours */
    public function hours(): array
    {
        $hours = [];
        $every = $this->from->diffInHours($this->to) > 14 ? 2 : 1;
        for ($at = $this->from; $at <= $this->to; $at = $at->addHours($every)) {
            $hours[] = ['x' => $this->x($at), 'label' => ShopClock::hour($at)];
        }

        return $hours;
    }

    /** @return list<array{name: string, y: int, line: int}> */
    public function lines(): array
    {
        $lines = [];
        foreach (array_keys($this->rows) as $n => $name) {
            $lines[] = ['name' => mb_strimwidth($name, 0, 20, '…'), 'y' => $this->y($n) + 21, 'line' => $this->y($n)];
        }

        return $lines;
    }

    /**
     * @return list<array{
     *      x: float, y: int, wide: float, hands: float, says: string, short: string, begun: bool, isDark: bool
     * }>
     */
    public function bars(): array
    {
        $bars = [];
        foreach (array_values($this->rows) as $n => $steps) {
            foreach ($steps as $step) {
                $isPerson = $n >= $this->places;
                $ends = $isPerson ? $step->from_at->addMilliseconds((int) (60000 * $step->hands_min)) : $step->to_at;
                $x = $this->x($step->from_at);
                $wide = max(self::LEAST, $this->x($ends) - $x);
                $share = $isPerson ? 1.0 : $this->handsShare($step);
                $bars[] = [
                    'x' => $x,
                    'y' => $this->y($n) + 4,
                    'wide' => round($wide, 1),
                    'hands' => round($wide * $share, 1),
                    'says' => $this->says($step),
                    'short' => $this->short($step, $wide),
                    'begun' => $step->begun,
                    'isDark' => $share >= 0.5,
                ];
            }
        }

        return $bars;
    }

    /** Where the present moment is; null outside the day. */
    public function now(): ?float
    {
        $now = ShopClock::now();

        return $now->between($this->from, $this->to) ? $this->x($now) : null;
    }

    /**
     * Benches in the order work goes, each oven where it bakes.
     *
     * @return array{int, string}
     */
    private static function turn(PlannedStep $step): array
    {
        $station = $step->oven_id === null ? $step->station : Station::Cure;

        return [$station->place(), $step->place()];
    }

    /** As much of its name as goes into a bar. */
    private function short(PlannedStep $step, float $wide): string
    {
        $name = "{$step->batch->part->job->number} {$step->name}";

        return $wide < self::NAMED ? '' : mb_substr($name, 0, (int) ($wide / self::LETTER));
    }

    private function handsShare(PlannedStep $step): float
    {
        $minutes = $step->from_at->diffInMilliseconds($step->to_at) / 60000;

        return $minutes > 0 ? min(1.0, $step->hands_min / $minutes) : 1.0;
    }

    private function says(PlannedStep $step): string
    {
        $who = $step->user === null ? '' : ", {$step->user->name}";

        return "Job {$step->batch->part->job->number}, {$step->batch->partName()}{$step->loadWords()}: {$step->name}, "
            .ShopClock::hour($step->from_at).' to '.ShopClock::hour($step->to_at).", {$step->place()}{$who}";
    }

    private function x(CarbonImmutable $at): float
    {
        $share = $this->from->diffInMilliseconds($at) / max(1, $this->from->diffInMilliseconds($this->to));

        return round(self::LEFT + $share * (self::WIDE - self::LEFT - self::RIGHT), 1);
    }

    private function y(int $row): int
    {
        return self::TOP + self::ROW * $row + ($row >= $this->places ? 12 : 0);
    }
}
