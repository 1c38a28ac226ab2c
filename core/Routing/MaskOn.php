<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

/** A mask that is on a part now. */
final readonly class MaskOn
{
    /**
     * @param  int  $pin  number of the pin it sits at
     * @param  float|null  $ratedC  part metal it stands; null where it must not see an oven
     */
    public function __construct(public int $pin, public string $name, public ?float $ratedC)
    {
    }
}
