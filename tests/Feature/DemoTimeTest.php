<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Models\Shop;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\WorkHours;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoTime;
use Illuminate\Support\Facades\DB;

/** The demo begins at 9:40 on a working day, and everybody in it works in the daytime. */
final class DemoTimeTest extends DemoTestCase
{
    public function test_it_starts_at_nine_forty_on_a_working_day_whatever_the_real_time(): void
    {
        $moments = ['2026-12-01 02:10', '2026-12-01 23:30', '2026-12-05 04:40', '2026-12-06 12:00', '2026-07-03 09:40'];
        foreach ($moments as $real) {
            $now = DemoTime::openedAt(CarbonImmutable::parse($real, 'UTC'))->now->setTimezone(DemoTime::ZONE);
            self::assertSame('09:40', $now->format('H:i'), $real);
            self::assertTrue($now->isWeekday(), $real);
        }
        self::assertSame('09:40', ShopClock::now()->setTimezone(DemoTime::ZONE)->format('H:i'));
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(75));
        self::assertSame('10:55', ShopClock::hour(ShopClock::now()), 'and moves on from there');
        self::assertNotSame(0, Shop::query()->value('clock_ahead_s'));
    }

    public function test_the_story_before_opening_falls_into_the_days_before(): void
    {
        $monday = DemoTime::openedAt(CarbonImmutable::parse('2026-11-23 15:00', 'UTC'));
        $at = fn (int $minutesAgo): string => $monday->worked($monday->now->subMinutes($minutesAgo))
            ->setTimezone(DemoTime::ZONE)->format('D H:i');
        self::assertSame('Mon 09:40', $at(0));
        self::assertSame('Mon 07:00', $at(160));
        self::assertSame('Fri 15:59', $at(161));
        self::assertSame('Fri 07:00', $at(160 + 540));
        self::assertSame('Thu 15:59', $at(160 + 541));
        self::assertSame('Fri 07:10', $monday->worked($monday->dayBefore(7, 10))
            ->setTimezone(DemoTime::ZONE)->format('D H:i'));
    }

    public function test_nobody_works_at_night_or_on_a_weekend(): void
    {
        $times = DB::table('audit_entries')->pluck('at')->merge(DB::table('batch_events')->pluck('at'));
        foreach ($times as $at) {
            $local = CarbonImmutable::parse($at, 'UTC')->setTimezone(DemoTime::ZONE);
            self::assertTrue($local->isWeekday() && $local->hour >= 7 && $local->hour < 16, (string) $local);
        }
        self::assertGreaterThan(500, count($times));
        $hours = WorkHours::query()->orderBy('weekday')->orderBy('from_min')->get();
        self::assertSame([1, 2, 3, 4, 5], $hours->pluck('weekday')->unique()->values()->all());
        self::assertSame([420, 960], [$hours->min('from_min'), $hours->max('to_min')]);
    }
}
