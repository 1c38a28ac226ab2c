<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use App\Platform\Cache\SharedReads;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\LogLine;
use Illuminate\Database\Eloquent\Builder;

/** The shop's latest air reading. */
final readonly class LatestAir
{
    /** Air written down longer ago says nothing about now, h. */
    private const FRESH_HOURS = 12;

    private function __construct(public LogLine $line, public float $celsius, public float $humidityPct)
    {
    }

    /** @return Builder<LogLine> */
    public static function reading(): Builder
    {
        return LogLine::of('air')->orderByDesc('at')->orderByDesc('id')->limit(1);
    }

    /** Null before the first. */
    public static function latest(): ?self
    {
        $line = SharedReads::get('air', LogLine::class)->first();

        return $line === null
            ? null
            : new self($line, (float) $line->figure('air_c'), (float) $line->figure('rh_pct'));
    }

    /** Null where nobody has written any down lately. */
    public static function now(): ?self
    {
        $latest = self::latest();

        return $latest === null || $latest->line->at->diffInHours(ShopClock::now()) > self::FRESH_HOURS
            ? null
            : $latest;
    }
}
