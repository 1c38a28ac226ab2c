<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** A layer already on the part, with what earlier bakes gave it. */
final readonly class Underlayer
{
    public function __construct(public CureSheet $sheet, public float $doseSoFar, public float $overbakeSoFar)
    {
    }
}
