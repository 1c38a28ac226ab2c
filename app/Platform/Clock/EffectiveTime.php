<?php

declare(strict_types=1);

namespace App\Platform\Clock;

use App\Platform\Errors\Refused;
use Carbon\CarbonImmutable;

/**
 * The time an action was performed, when it is sent later: an offline form, a sample a device kept. While such a
 * request is handled, the shop's clock stands at that time.
 */
final class EffectiveTime
{
    /** Longer than a shift nothing waits: it is written by hand, with its time. h */
    public const MOST_H = 12;

    /** Clocks that are set by the same hand still differ. ms */
    public const AHEAD_MS = 5000;

    private const MS = 'aenum_waited_ms';

    /** ms */
    public static function now(): int
    {
        return request()->attributes->getInt(self::MS);
    }

    /**
     * So long ago.
     *
     * @param  float  $ms  before this moment
     * @param  string  $field  where it was said
     *
     * @throws Refused naming what is allowed
     */
    public static function since(float $ms, string $field): void
    {
        if ($ms < -self::AHEAD_MS || $ms > 3_600_000 * self::MOST_H) {
            throw Refused::because([$field => $ms < 0
                ? 'That moment is still to come; allowed: up to now.'
                : 'That was more than '.self::MOST_H.' hours ago and is not taken as done then; write it by hand, '
                    .'with its time.']);
        }
        request()->attributes->set(self::MS, (int) max(0, round($ms)));
    }

    /**
     * At a moment that was offered where the clocks did not agree; it may be later than the machine's own time.
     *
     * @throws Refused where the machine's clock is further off than anything may wait
     */
    public static function chosen(CarbonImmutable $moment): void
    {
        $ms = $moment->diffInMilliseconds(ShopClock::recorded());
        if (abs($ms) > 3_600_000 * self::MOST_H) {
            throw Refused::because(['form' => 'The clock of the shop’s machine is more than '
                .self::MOST_H.' hours off; set it right, then send this again.']);
        }
        request()->attributes->set(self::MS, (int) round($ms));
    }

    /** At that moment of the shop's time. */
    public static function at(CarbonImmutable $moment, string $field): void
    {
        self::since($moment->diffInMilliseconds(ShopClock::now()), $field);
    }
}
