<?php

declare(strict_types=1);

namespace Aenum\Core\Pretreat;

/** One stage of a wash line. */
final readonly class Stage
{
    public function __construct(
        public string $key,
        public string $name,
        /** The bath it uses, a key of Bath; null for plain water or air. */
        public ?string $bath,
        /** Least and most minutes; past the most, what tooLong says happens. */
        public float $least,
        public ?float $most,
        public string $why,
        public string $tooLong,
    ) {
    }
}
