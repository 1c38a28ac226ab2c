<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

/** A sweep-blast: fine media at low pressure, which dulls and does not cut. */
final class Sweep
{
    /** The most that leaves zinc where it is, bar (after ISO 12944-4 and EN 15773 practice: sweep, never blast). */
    public const MOST_BAR = 3.0;

    /** What it is set to, bar. House figure, unverified. */
    public const USUAL_BAR = 2.5;

    /** Pace of a sweep with the medium below at the pressure above, m²/h. House figure, unverified. */
    public const M2_PER_H = 25.0;

    /** The medium the pace is told for. */
    public const MEDIUM = 'fine_garnet';

    /** Hands to sweep so much, min. */
    public static function minutes(float $areaM2): float
    {
        return 60 * $areaM2 / self::M2_PER_H;
    }
}
