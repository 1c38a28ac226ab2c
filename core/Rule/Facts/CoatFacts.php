<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** One planned coat. */
final readonly class CoatFacts
{
    public const EFFECTS = ['plain', 'metallic', 'bright'];

    public const OVER = ['metal', 'flowed', 'cured', 'abraded'];

    public function __construct(
        public string $role,
        public float $bakeC,
        public float $bakeMinutes,
        public float $filmMicrons,
        public string $effect,
        public bool $zincRich,
        public bool $gasTolerant,
        public bool $conductive,
        /** What it goes on: metal, or the coat below flowed, cured or abraded. */
        public string $over,
    ) {
    }
}
