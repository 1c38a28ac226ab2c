<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

/**
 * What work takes, as a first idea: hands-on minutes and waits. House figures of general practice for a small shop,
 * unverified; they order the day and give a first price, and logged times correct them.
 */
final class RouteTimes
{
    /** Aluminium takes so many times the hands steel does where its surface is worked: soft, own media, no iron. */
    public const LIGHT_ALLOY_HANDS = 2.0;

    /** Sanding letters or edges of one piece bare, min. */
    public const BARE_EACH = 6.0;

    /** Masking one feature of one piece, min. */
    public const MASK_EACH = 1.5;

    /** Counting the masks of one feature of one piece off again, min. */
    public const UNMASK_EACH = 0.5;

    public const COAT_M2_PER_H = 18.0;

    /** Setting gun and booth up for a coat, and cleaning both for the next colour, min. */
    public const COAT_SET_UP = 20.0;

    /** Suiting up, filling the pot and sweeping out after a blast, min. */
    public const BLAST_SET_UP = 12.0;

    /** Looking a piece over, wrapping and handing it over: for the job, and for each piece, min. */
    public const RELEASE = 10.0;

    public const RELEASE_EACH = 1.0;

    public const HANG_EACH = 1.2;

    public const WASH_STAGE = 4.0;

    /** Scrubbing by hand, min for a square metre. */
    public const SCRUB_M2 = 8.0;

    public const DRY_OFF_C = 120.0;

    public const DRY_OFF_MIN = 20.0;

    /** Seams and crevices keep water: a long hot dry. */
    public const DRY_OFF_SEAMS_MIN = 45.0;

    /** Heating up to a dry-off, min. */
    public const DRY_OFF_HEAT_UP = 10.0;

    /** A bake-out begins with this hold and this much over the hottest cure; the shop's own habit may be longer. */
    public const BAKE_OUT_HOLD = 45.0;

    /** The shortest hold that still drives gas out, min. General practice. */
    public const BAKE_OUT_LEAST = 30.0;

    /** Sanding plate after the blast, min for a square meter. House figure. */
    public const SAND_PLATING_M2 = 12.0;

    /** Above the hottest cure planned, K. */
    public const BAKE_OUT_ABOVE = 10.0;

    /** Where no coat says how hot, °C part metal. */
    public const BAKE_OUT_C = 210.0;

    /** Heating up, where the load is not yet worked out, min. */
    public const HEAT_UP = 25.0;

    /** A coat that is only to flow, at temperature, min. */
    public const FLOW_MIN = 5.0;

    /** Warming a part before it is coated warm: °C part metal, minutes held, minutes in all. */
    public const WARM_C = 80.0;

    public const WARM_HOLD = 5.0;

    public const WARM_WAIT = 12.0;

    /** Vapour of a solvent wipe gone, min. */
    public const FLASH_OFF = 5.0;

    /** Cooling, where mass and area are not known, min. */
    public const COOL_GUESS = 30.0;

    /** Cool enough to coat cold: below the powder's tack, °C; the room it cools in, °C. */
    public const COOL_TO_C = 38.0;

    public const ROOM_C = 22.0;

    /** A piece as heavy as this is tried on its hooks before it is cleaned, kg; one of them, min. */
    public const TEST_HANG_KG = 30.0;

    public const TEST_HANG_EACH = 6.0;

    /** Breaking the edges of one piece, min. */
    public const EDGES_EACH = 3.0;

    /** By hand a face takes so many times what it takes under the nozzle. */
    public const BY_HAND = 4.0;

    /** Sealing the seams of one piece, min; and until the sealer has skinned, where its sheet does not say. */
    public const SEAL_EACH = 4.0;

    public const SEAL_SKINS = 30.0;

    /** A day's work, min: how long something takes is told in days by it. House figure. */
    public const DAY_MIN = 480.0;
}
