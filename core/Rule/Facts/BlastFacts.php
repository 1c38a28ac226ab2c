<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** How the part is to be blasted. */
final readonly class BlastFacts
{
    public function __construct(public string $media, public float $pressureBar, public ?float $rzMicrons)
    {
    }
}
