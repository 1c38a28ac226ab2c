<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Units\Message;

/** One line of a quote, with what it rests on. */
final readonly class QuoteLine
{
    /**
     * @param  float  $minutes  of hands, as this shop takes them
     * @param  float  $planned  the same by the book, before anything was learned
     * @param  float  $hands  money
     * @param  float  $material  money: powder, media, heat
     * @param  list<Message>  $rests  what it was worked out from
     */
    public function __construct(
        public LineKind $kind,
        public float $minutes,
        public float $planned,
        public float $hands,
        public float $material,
        public array $rests,
    ) {
    }

    /** Money of it all. */
    public function money(): float
    {
        return $this->hands + $this->material;
    }
}
