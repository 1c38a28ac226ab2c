<?php

declare(strict_types=1);

namespace Database\Seeders;

use Carbon\CarbonImmutable;

/**
 * The demo shop's clock while it is filled.
 *
 * It stands at 9:40 on a working day whatever the real time, and what happened before this morning's opening falls
 * into the working hours of the days before: nobody in the demo works at night or on a weekend.
 */
final readonly class DemoTime
{
    public const ZONE = 'Europe/Zurich';

    /** Working hours, Monday to Friday, minutes of the day; a break between the two. */
    public const HOURS = [[420, 720], [750, 960]];

    private const OPENS_MIN = 420;

    private const CLOSES_MIN = 960;

    private const STARTS = [9, 40];

    /** @param  CarbonImmutable  $now  when the demo starts, UTC */
    private function __construct(public CarbonImmutable $now)
    {
    }

    /** Returns the clock of a demo that is opened at a real moment: that day at 9:40, or the next working day's. */
    public static function openedAt(CarbonImmutable $moment): self
    {
        $day = $moment->setTimezone(self::ZONE)->setTime(...self::STARTS);
        while ($day->isWeekend()) {
            $day = $day->addDay();
        }

        return new self($day->utc());
    }

    /** Sets the shop's clock to a moment of the story, see worked(). */
    public function at(CarbonImmutable $moment): void
    {
        CarbonImmutable::setTestNow($this->worked($moment));
    }

    /**
     * Returns a moment of the story in working time: today's stands as it is, and what lies further back than this
     * morning's opening is counted back from the closing of the working day before, and so on.
     */
    public function worked(CarbonImmutable $moment): CarbonImmutable
    {
        $opens = $this->now->setTimezone(self::ZONE)->startOfDay()->addMinutes(self::OPENS_MIN);
        $before = $moment->diffInMilliseconds($opens) / 60000;
        if ($before <= 0) {
            return $moment;
        }
        while (true) {
            $opens = $opens->subDay();
            if ($opens->isWeekend()) {
                continue;
            }
            if ($before <= self::CLOSES_MIN - self::OPENS_MIN) {
                $closes = $opens->startOfDay()->addMinutes(self::CLOSES_MIN);

                return $closes->subMilliseconds((int) round(60000 * $before))->utc();
            }
            $before -= self::CLOSES_MIN - self::OPENS_MIN;
        }
    }

    /** Sets the shop's clock to a moment as it is. */
    public function set(CarbonImmutable $moment): void
    {
        CarbonImmutable::setTestNow($moment);
    }

    /** Returns the start of work so many working days ago. */
    public function morning(int $workingDaysAgo, int $hour = 7, int $minute = 10): CarbonImmutable
    {
        $day = $this->now->setTimezone(self::ZONE)->startOfDay();
        for ($left = $workingDaysAgo; $left > 0;) {
            $day = $day->subDay();
            $left -= $day->isWeekend() ? 0 : 1;
        }

        return $day->setTime($hour, $minute)->utc();
    }

    /** Returns the moment of the story that falls on the working day before, at a time of that day. */
    public function dayBefore(int $hour, int $minute): CarbonImmutable
    {
        $opens = $this->now->setTimezone(self::ZONE)->startOfDay()->addMinutes(self::OPENS_MIN);

        return $opens->subMinutes(self::CLOSES_MIN - 60 * $hour - $minute)->utc();
    }
}
