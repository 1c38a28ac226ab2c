<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** Specular gloss, in gloss units at an angle (after ISO 2813). */
final readonly class Gloss
{
    public const ANGLES = [60, 20, 85];

    /** Above this at 60° it is read at 20°, under the other at 85° (ISO 2813). */
    private const HIGH = 70.0;

    private const LOW = 10.0;

    private function __construct(public float $units, public int $angle)
    {
    }

    /**
     * @param  float  $units  0 to 2 000: a mirror is far above 100
     * @param  int  $angle  20, 60 or 85
     */
    public static function of(float $units, int $angle): self
    {
        if (! in_array($angle, self::ANGLES, true)) {
            throw InvalidInput::outside('angle', $angle, 'one of 20, 60, 85');
        }

        return new self(Check::between('gloss', $units, 0, 2000), $angle);
    }

    /** The angle that tells such gloss apart best; null where it was read at that one. */
    public function betterAngle(): ?int
    {
        return match (true) {
            $this->angle !== 60 => null,
            $this->units > self::HIGH => 20,
            $this->units < self::LOW => 85,
            default => null,
        };
    }

    /** @return string pass, fail, or not_judged where no sheet says what it should be */
    public function verdict(?float $low, ?float $high): string
    {
        return match (true) {
            $low === null && $high === null => 'not_judged',
            $low !== null && $this->units < $low, $high !== null && $this->units > $high => 'fail',
            default => 'pass',
        };
    }
}
