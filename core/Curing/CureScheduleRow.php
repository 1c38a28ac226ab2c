<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** One row of a powder's sheet: at this part-metal temperature it needs so long, and stands so long. */
final readonly class CureScheduleRow
{
    private function __construct(public float $pmtC, public float $minMinutes, public ?float $maxMinutes)
    {
    }

    /**
     * @param  float  $pmtC  part-metal temperature, −40 to 700 °C
     * @param  float  $minMinutes  needed, above 0 to 10 080
     * @param  float|null  $maxMinutes  stood, at least the minutes needed, to 10 080; null where the sheet is silent
     *
     * @throws InvalidInput
     */
    public static function of(float $pmtC, float $minMinutes, ?float $maxMinutes = null): self
    {
        Check::celsius('pmt_c', $pmtC);
        Check::above('min', $minMinutes, 0, 10080);
        if ($maxMinutes !== null) {
            Check::above('max', $maxMinutes, 0, 10080);
            if ($maxMinutes < $minMinutes) {
                throw InvalidInput::outside('max', $maxMinutes, "at least the row's min, {$minMinutes}");
            }
        }

        return new self($pmtC, $minMinutes, $maxMinutes);
    }
}
