<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Blasting\Medium;

/** How a part is to be blasted. */
final readonly class BlastFacts
{
    /**
     * @param  float  $pressureBar  at the nozzle, gauge
     * @param  float|null  $rzMicrons  peaks expected, µm; null where not worked out
     */
    public function __construct(public Medium $medium, public float $pressureBar, public ?float $rzMicrons)
    {
    }
}
