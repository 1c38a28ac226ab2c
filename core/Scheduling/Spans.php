<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Units\InvalidInput;

/** When something is open: spans of minutes; none at all means always. */
final readonly class Spans
{
    /** @param  list<array{float, float}>  $open  by their beginnings */
    private function __construct(public array $open)
    {
    }

    /** Never shut. */
    public static function always(): self
    {
        return new self([]);
    }

    /**
     * @param  list<array{float, float}>  $open  from, to, min
     *
     * @throws InvalidInput where a span does not end after it begins
     */
    public static function of(array $open): self
    {
        foreach ($open as $n => [$from, $to]) {
            if ($to <= $from) {
                throw InvalidInput::outside("open[{$n}]", $to, "an end after its beginning, {$from}");
            }
        }
        usort($open, fn (array $a, array $b): int => $a[0] <=> $b[0] ?: $a[1] <=> $b[1]);

        return new self($open);
    }

    /** The earliest moment at or after this one from which so many minutes lie in one span, min; INF where none is. */
    public function fit(float $from, float $minutes): float
    {
        if ($this->open === []) {
            return $from;
        }
        foreach ($this->open as [$opens, $shuts]) {
            $start = $opens > $from ? $opens : $from;
            if ($start + $minutes <= $shuts) {
                return $start;
            }
        }

        return INF;
    }

    /** The longest of them, min; INF where it is always open. */
    public function longest(): float
    {
        return $this->open === []
            ? INF
            : max(array_map(fn (array $span): float => $span[1] - $span[0], $this->open));
    }

    /** The same, each beginning so much later, those that would be over by then gone; as it is where none is left. */
    public function later(float $minutes): self
    {
        $open = [];
        foreach ($this->open as [$from, $to]) {
            if ($from + $minutes < $to) {
                $open[] = [$from + $minutes, $to];
            }
        }

        return $open === [] ? $this : new self($open);
    }

    /** Between two spans this far apart a day has ended, min; less is a break. House figure. */
    private const NIGHT_MIN = 240.0;

    /** The same with so much more at the end of each day, as far as the next; breaks stay breaks. */
    public function longer(float $minutes): self
    {
        $open = [];
        foreach ($this->open as $n => [$from, $to]) {
            $next = $this->open[$n + 1][0] ?? INF;
            $open[] = [$from, $next - $to < self::NIGHT_MIN ? $to : min($to + $minutes, $next)];
        }

        return new self($open);
    }
}
