<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\Constant;

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

    /**
     * The true temperature behind an infrared reading taken with another emissivity than the surface's: the
     * instrument sees ε·T⁴ + (1−ε)·T_surroundings⁴ and divides by the emissivity it was set to (grey body, whole
     * spectrum; bright metal reads low because the set value is too high for it).
     *
     * @param  float  $surroundingsC  what the surface mirrors: the oven's shell, or the shop with the door open
     */
    public static function trueCelsius(
        float $shownC,
        float $setEmissivity,
        float $emissivity,
        float $surroundingsC,
    ): float {
        Check::above('set_emissivity', $setEmissivity, 0, 1);
        Check::above('emissivity', $emissivity, 0, 1);
        $shown = ($shownC + Constant::KELVIN_AT_0_C) ** 4;
        $around = ($surroundingsC + Constant::KELVIN_AT_0_C) ** 4;
        $radiance = $setEmissivity * $shown + (1 - $setEmissivity) * $around;
        $own = ($radiance - (1 - $emissivity) * $around) / $emissivity;

        return max(0.0, $own) ** 0.25 - Constant::KELVIN_AT_0_C;
    }
}
