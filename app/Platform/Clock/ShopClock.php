<?php

declare(strict_types=1);

namespace App\Platform\Clock;

use App\Accounts\Models\Shop;
use App\Platform\Presentation\Viewer;
use Carbon\CarbonImmutable;

/**
 * The shop's clock.
 *
 * Times are stored in UTC and shown in the shop's time zone. In the demo the clock can be advanced; a real shop's never
 * is. An action sent late is recorded at its effective time.
 */
final class ShopClock
{
    public static function now(): CarbonImmutable
    {
        return self::recorded()->subMilliseconds(EffectiveTime::now());
    }

    /** Returns when an entry is recorded, also where what it tells of was done earlier and waited for the network. */
    public static function recorded(): CarbonImmutable
    {
        return CarbonImmutable::now('UTC')->addSeconds(config('app.demo') ? self::demoAheadS() : 0);
    }

    /** How far the demo's clock is ahead of the machine's, s; 0 before there is a shop. */
    private static function demoAheadS(): int
    {
        return Shop::existing()->clock_ahead_s ?? 0;
    }

    public static function local(CarbonImmutable $instant): CarbonImmutable
    {
        return $instant->setTimezone(Shop::current()->timezone);
    }

    /** "14:32", with the day when it is not today. */
    public static function time(CarbonImmutable $instant): string
    {
        $local = self::local($instant);

        return $local->isSameDay(self::local(self::now()))
            ? self::hour($instant)
            : $local->format('j M ').self::hour($instant);
    }

    /** "14:32", or "2:32 pm" for who reads a clock of 12 hours. */
    public static function hour(CarbonImmutable $instant): string
    {
        return self::local($instant)->format(self::isOf12() ? 'g:i a' : 'H:i');
    }

    /** Whether who looks reads a clock of 12 hours. */
    public static function isOf12(): bool
    {
        return (Viewer::current()->clock ?? '24') === '12';
    }

    /**
     * A moment typed in the shop's own time.
     *
     * @throws \Carbon\Exceptions\InvalidFormatException where it is none
     */
    public static function parse(string $typed): CarbonImmutable
    {
        return CarbonImmutable::parse($typed, Shop::current()->timezone)->utc();
    }

    /** As a form's own field takes it. */
    public static function typed(CarbonImmutable $instant): string
    {
        return self::local($instant)->format('Y-m-d\TH:i');
    }

    public static function today(): CarbonImmutable
    {
        return self::local(self::now())->startOfDay();
    }
}
