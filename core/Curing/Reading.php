<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Check;

/** A surface temperature read on the floor. */
final readonly class Reading
{
    private function __construct(public int $item, public float $second, public float $celsius)
    {
    }

    /**
     * @param  int  $item  position in the load
     * @param  float  $second  since the start of the run, 0 or more
     * @param  float  $celsius  −40 to 700
     */
    public static function of(int $item, float $second, float $celsius): self
    {
        return new self(
            $item,
            Check::between('second', $second, 0, 86400 * 7),
            Check::celsius('celsius', $celsius),
        );
    }
}
