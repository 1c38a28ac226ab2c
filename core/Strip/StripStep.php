<?php

declare(strict_types=1);

namespace Aenum\Core\Strip;

/** One thing to do at the strip bench, with the clock that belongs to it. */
final readonly class StripStep
{
    public function __construct(
        public string $key,
        public string $does,
        /** Hands, min. */
        public float $minutes,
        /** Minutes it must stay; 0 where there is no clock. */
        public float $dwell,
        /** Minutes after which it has had too long; null where that does no harm. */
        public ?float $tooLong,
        public string $why,
    ) {
    }
}
