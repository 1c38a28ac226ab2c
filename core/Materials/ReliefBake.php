<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

/**
 * Driving hydrogen out of strong steel after acid, before it cracks: after ISO 9588 (190 to 220 °C, begun within four
 * hours, longer with strength, never above the temper). The steel maker's and the designer's sheets come first.
 */
final class ReliefBake
{
    /** Steel stronger than this is at risk, MPa (about 31 HRC). */
    public const FROM_MPA = 1000.0;

    public const LEAST_C = 190.0;

    public const MOST_C = 220.0;

    /** It counts only where it begins this soon after the acid, min. */
    public const WITHIN_MIN = 240.0;

    /** strength up to, MPa => hours */
    private const HOURS = [[1100.0, 8.0], [1200.0, 10.0], [1300.0, 12.0], [1400.0, 14.0], [1500.0, 18.0]];

    /** Past the table, or where nobody knows how strong it is. */
    private const LONGEST_HOURS = 22.0;

    /** Minutes to hold steel of a strength; the longest where it is not known. */
    public static function holdMinutes(?float $strengthMpa): float
    {
        foreach ($strengthMpa === null ? [] : self::HOURS as [$upTo, $hours]) {
            if ($strengthMpa <= $upTo) {
                return 60 * $hours;
            }
        }

        return 60 * self::LONGEST_HOURS;
    }

    /** Whether a bake as hot as that, held so long, drives the hydrogen out of steel of a strength. */
    public static function serves(?float $strengthMpa, float $celsius, float $heldMinutes): bool
    {
        return $celsius >= self::LEAST_C && $heldMinutes >= self::holdMinutes($strengthMpa);
    }

    /** The hottest it may be, °C: never above the temper. */
    public static function mostC(?float $temperC): float
    {
        return min(self::MOST_C, $temperC ?? self::MOST_C);
    }
}
