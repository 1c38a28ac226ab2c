<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

/** How much of its time bare steel has used up in air that changes, and when it runs out. */
final readonly class BareSteel
{
    private function __construct(
        /** Share of its time used up by now; 1 and more is over. */
        public float $used,
        /** Seconds from the end of the blast to the end of its time, if the air stays as it is. */
        public float $endsAfterS,
        /** Whether metal and air allowed no time at all. */
        public bool $none,
    ) {
    }

    /**
     * Each stretch of air uses its length over what that air allows; damp air uses all at once.
     *
     * @param  non-empty-list<array{float, float}>  $air  seconds after the blast and per cent humidity from then on,
     *      in order, the first at 0 or before
     * @param  float  $nowS  seconds after the blast
     */
    public static function in(array $air, float $nowS, bool $coast): self
    {
        $used = 0.0;
        foreach ($air as $n => [$from, $humidity]) {
            $allows = 3600 * BareSteelClock::hours($humidity, $coast);
            $from = max(0.0, $from);
            $to = isset($air[$n + 1]) ? max(0.0, $air[$n + 1][0]) : INF;
            if ($to <= $from && $to !== INF) {
                continue;
            }
            if ($allows <= 0.0) {
                return new self($used >= 1 || $nowS >= $from ? max(1.0, $used) : $used, $from, $from <= 0.0);
            }
            $left = (1 - $used) * $allows;
            if ($from + $left <= $to) {
                return new self($used + ($nowS - $from) / $allows, $from + $left, false);
            }
            $used += ($to - $from) / $allows;
        }

        return new self($used, INF, false);
    }
}
