<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How a second colour is kept off the first; the first is the default. */
enum TwoColorPolicy: string implements PolicyChoice
{
    case Tape = 'tape';
    case Wipe = 'wipe';
    case Tilt = 'tilt';
    case Sand = 'sand';
    case Decline = 'decline';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Tape => 'tape the first colour',
            self::Wipe => 'wipe the wet powder off',
            self::Tilt => 'tilt it so that the powder falls off',
            self::Sand => 'sand raised faces after the bake',
            self::Decline => 'decline it',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Tape => 'any line, sharp; the most hands, and tape that stands the bake or comes off before it.',
            self::Wipe => 'quick on raised or sunk places with an edge to wipe along; a soft line on a flat.',
            self::Tilt => 'nearly free; only where all that is to stay bare faces one way.',
            self::Sand => 'bare metal or the first colour shows on raised faces; needs a clear outdoors.',
            self::Decline => 'one colour a part; said at the counter.',
        };
    }

    /** What keeps the colours apart is done before the second is sprayed. */
    public function isBefore(): bool
    {
        return $this === self::Tape;
    }

    /** Wiping powder off: setting to, and along a meter of edge, min. House figures, unverified. */
    private const WIPE_SET_UP = 1.0;

    private const WIPE_M = 2.0;

    /**
     * Returns labor for one piece, min. Wiping goes by the length of the edge it follows; where nobody measured that,
     * by the outline of a round patch as large as the color covers. House figures, unverified.
     *
     * @param  float|null  $edgeM  of the color on one piece
     * @param  float  $areaM2  the color covers on one piece
     */
    public function minutesEach(?float $edgeM, float $areaM2): float
    {
        $edgeM ??= 2 * sqrt(M_PI * max(0.0, $areaM2));

        return match ($this) {
            self::Tape => 6.0,
            self::Wipe => self::WIPE_SET_UP + self::WIPE_M * $edgeM,
            self::Tilt => 0.5,
            self::Sand => 5.0,
            self::Decline => 0.0,
        };
    }
}
