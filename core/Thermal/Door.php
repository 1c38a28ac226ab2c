<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** The door standing open for a while. */
final readonly class Door
{
    private function __construct(public float $fromS, public float $untilS)
    {
    }

    /**
     * @param  float  $atMin  minutes into the run, 0 to 10 080
     * @param  float  $openS  seconds open, 0 to 86 400
     *
     * @throws InvalidInput
     */
    public static function opened(float $atMin, float $openS): self
    {
        $from = 60 * Check::between('at_min', $atMin, 0, 10080);

        return new self($from, $from + Check::between('open_s', $openS, 0, 86400));
    }
}
