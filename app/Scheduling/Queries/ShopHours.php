<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use Aenum\Core\Scheduling\Spans;
use App\Accounts\Models\Shop;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\Absence;
use App\Scheduling\Models\WorkHours;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/**
 * Working hours of shop and people in minutes from a moment, by local time, so that days with a clock change have their
 * true length.
 */
final readonly class ShopHours
{
    /** @param  Collection<int, WorkHours>  $hours */
    private function __construct(private CarbonImmutable $origin, private int $days, private Collection $hours)
    {
    }

    /** From the beginning of a day on, for so many days. */
    public static function from(CarbonImmutable $origin, int $days): self
    {
        return new self($origin, $days, WorkHours::query()->get()->toBase());
    }

    /** A moment as minutes. */
    public function minute(CarbonImmutable $at): float
    {
        return $this->origin->diffInMilliseconds($at) / 60000;
    }

    /** Minutes as a moment. */
    public function moment(float $minute): CarbonImmutable
    {
        return $this->origin->addMilliseconds((int) round(60000 * $minute))->utc();
    }

    /** When a person is there: by their own hours where they have any, else by the shop's, and not while away. */
    public function ofPerson(int $user): Spans
    {
        $own = $this->hours->where('user_id', $user);
        $spans = $this->spans($own->isEmpty() ? $this->hours->whereNull('user_id') : $own, false);
        $away = Absence::query()->where('user_id', $user)->whereNull('withdrawn_at');
        foreach ($away->get() as $absence) {
            $spans = self::without($spans, $this->minute($absence->from_at), $this->minute($absence->to_at));
        }

        return Spans::of($spans);
    }

    /** When benches and ovens are open: from the first of a day to its last, through every break. */
    public function ofShop(): Spans
    {
        return Spans::of($this->spans($this->hours->whereNull('user_id'), true));
    }

    /** End of the work on a day, or the last end before it where nobody works then. */
    public function endOf(CarbonImmutable $day): float
    {
        $midnight = $this->minute(CarbonImmutable::parse($day->toDateString(), Shop::current()->timezone)->addDay());
        $end = null;
        foreach ($this->ofShop()->open as [$from, $to]) {
            $end = $from < $midnight ? $to : $end;
        }

        return min($midnight, $end ?? $midnight);
    }

    /** Beginning of the work on a day, or the next after it. */
    public function beginningOf(CarbonImmutable $day): float
    {
        $midnight = $this->minute(CarbonImmutable::parse($day->toDateString(), Shop::current()->timezone));
        foreach ($this->ofShop()->open as [$from]) {
            if ($from >= $midnight) {
                return $from;
            }
        }

        return $midnight;
    }

    /**
     * @param  Collection<int, WorkHours>  $hours
     * @return list<array{float, float}>
     */
    private function spans(Collection $hours, bool $throughBreaks): array
    {
        $spans = [];
        $zone = Shop::current()->timezone;
        for ($n = 0; $n < $this->days; $n++) {
            $day = ShopClock::local($this->origin)->startOfDay()->addDays($n);
            $today = $hours->where('weekday', $day->dayOfWeekIso)->sortBy('from_min')->values();
            $at = fn (int $minutes): float => $this->minute(CarbonImmutable::parse(
                $day->toDateString().sprintf(' %02d:%02d', intdiv($minutes % 1440, 60), $minutes % 60),
                $zone,
            )->addDays(intdiv($minutes, 1440)));
            $own = $today->map(fn (WorkHours $one): array => [$at($one->from_min), $at($one->to_min)])->all();
            if ($throughBreaks && $own !== []) {
                $own = [[min(array_column($own, 0)), max(array_column($own, 1))]];
            }
            array_push($spans, ...array_values(array_filter($own, fn (array $span): bool => $span[1] > $span[0])));
        }

        return $spans;
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}>
     */
    private static function without(array $spans, float $from, float $to): array
    {
        $left = [];
        foreach ($spans as [$opens, $shuts]) {
            $left[] = [$opens, min($shuts, $from)];
            $left[] = [max($opens, $to), $shuts];
        }

        return array_values(array_filter($left, fn (array $span): bool => $span[1] - $span[0] >= 1.0));
    }
}
