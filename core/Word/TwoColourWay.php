<?php

declare(strict_types=1);

namespace Aenum\Core\Word;

/** How a second colour is kept off the first; the first is the default. */
enum TwoColourWay: string implements Way
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

    /** Hands for one piece, min. House figures, unverified. */
    public function minutesEach(): float
    {
        return match ($this) {
            self::Tape => 6.0,
            self::Wipe => 2.5,
            self::Tilt => 0.5,
            self::Sand => 5.0,
            self::Decline => 0.0,
        };
    }
}
