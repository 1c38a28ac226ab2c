<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** Where a gun is at a moment; whether it is on holds until the next point. */
final readonly class PathPoint
{
    public const MOST_MM = 10000.0;

    private function __construct(
        public float $tS,
        public float $xMm,
        public float $yMm,
        public float $awayMm,
        public bool $on,
    ) {
    }

    /**
     * @param  float  $tS  0 to 36 000 s
     * @param  float  $xMm  from the panel's left, −10 000 to 10 000
     * @param  float  $yMm  from its top, −10 000 to 10 000
     * @param  float  $awayMm  from the panel, above 0 to 2 000
     */
    public static function of(float $tS, float $xMm, float $yMm, float $awayMm, bool $on): self
    {
        return new self(
            Check::between('t_s', $tS, 0, 36000),
            Check::between('x_mm', $xMm, -self::MOST_MM, self::MOST_MM),
            Check::between('y_mm', $yMm, -self::MOST_MM, self::MOST_MM),
            Check::above('away_mm', $awayMm, 0, 2000),
            $on,
        );
    }
}
