<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

/**
 * What work takes, as a first idea: hands-on minutes and waits. House figures of general practice for a small shop;
 * they order the day and give a first price, and logged times correct them.
 */
final class RouteTimes
{
    /** Blasting, m²/h at 8 mm and 7 bar, by what is on the part. */
    public const BLAST_M2_PER_H = ['bare' => 12.0, 'mill_scale' => 7.0, 'rust' => 8.0, 'paint' => 6.0, 'two_part_paint' => 3.5, 'old_powder' => 2.5, 'plating' => 3.0, 'grease' => 8.0];

    /** Dwell of a stripper, min: paint in minutes, powder in hours. */
    public const STRIP_DWELL = ['paint' => 30.0, 'two_part_paint' => 45.0, 'old_powder' => 480.0];

    /** Masking one feature of one piece, min. */
    public const MASK_EACH = 1.5;

    public const SWEEP_M2_PER_H = 25.0;

    public const COAT_M2_PER_H = 18.0;

    public const HANG_EACH = 1.2;

    public const WASH_STAGE = 4.0;

    public const DRY_OFF_C = 120.0;

    public const DRY_OFF_MIN = 20.0;

    /** Seams and crevices keep water: a long hot dry. */
    public const DRY_OFF_SEAMS_MIN = 45.0;

    public const BAKE_OUT_HOLD = 45.0;

    /** Above the hottest cure planned, K. */
    public const BAKE_OUT_ABOVE = 10.0;

    /** Heating up, where the load is not yet worked out, min. */
    public const HEAT_UP = 25.0;
}
