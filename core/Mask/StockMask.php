<?php

declare(strict_types=1);

namespace Aenum\Core\Mask;

/** A mask on the shop's shelf. */
final readonly class StockMask
{
    /**
     * @param  string  $kind  plug, cap, disc or tape
     * @param  float  $fromMm  the least size it seals; for tape, its width
     * @param  float|null  $ratedC  part metal it stands; null where it must not see an oven
     * @param  int  $held  pieces on the shelf; for tape, metres
     */
    public function __construct(public int $id, public string $name, public string $kind, public string $material, public float $fromMm, public float $toMm, public ?float $ratedC, public int $held)
    {
    }
}
