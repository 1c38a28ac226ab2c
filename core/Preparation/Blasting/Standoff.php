<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Quantity;

/** How far the nozzle is held from the work, and how steeply. House figures of general practice, unverified. */
final class Standoff
{
    /** Under this pressure the grains are held closer to their speed further off, bar. */
    private const GENTLE_BAR = 3.5;

    private const GENTLE_MM = [300.0, 450.0];

    private const USUAL_MM = [200.0, 350.0];

    /** Degrees to the face: steep enough to cut, flat enough that grains do not shield the next. */
    public const ANGLE = '60 to 80° to the face';

    /** Nozzle to work at a pressure in bar. */
    public static function at(float $bar): Quantity
    {
        [$from, $to] = $bar < self::GENTLE_BAR ? self::GENTLE_MM : self::USUAL_MM;

        return Quantity::range(Dimension::Length, $from, $to);
    }
}
