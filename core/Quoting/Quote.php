<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Routing\PartRouting;

/** A part at one piece, at as many as were asked for, and at ten times as many: what is shared, and what is not. */
final readonly class Quote
{
    /** @param  array<int, PartQuote>  $byCount */
    private function __construct(public int $count, public array $byCount)
    {
    }

    /**
     * @param  \Closure(int): PartRouting  $plan  the route at a count
     * @param  list<QuotePowder>  $powders
     * @param  \Closure(PartRouting): float  $mediaKg  worn away by its blast
     * @param  \Closure(int): float  $roomShare  of the oven so many pieces fill, above 0 to 1
     */
    public static function of(
        int $count,
        \Closure $plan,
        array $powders,
        QuoteTerms $terms,
        \Closure $mediaKg,
        \Closure $roomShare,
        AskedFor $asked = new AskedFor(),
    ): self {
        $byCount = [];
        foreach (array_unique([1, $count, 10 * $count]) as $n) {
            $at = $plan($n);
            $byCount[$n] = PartQuote::of($at, $powders, $terms, $mediaKg($at), $roomShare($n), $asked);
        }

        return new self($count, $byCount);
    }

    /** At the count that was asked for. */
    public function asked(): PartQuote
    {
        return $this->byCount[$this->count];
    }

    /**
     * Money that does not grow with the count: set-ups, colour changes, the oven's own losses.
     *
     * By a straight line through one piece and ten times as many.
     */
    public function shared(): float
    {
        $most = 10 * $this->count;
        $one = $this->byCount[1]->total();

        return max(0.0, $one - ($this->byCount[$most]->total() - $one) / ($most - 1));
    }
}
