<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

/** What a mask is. */
enum MaskKind: string
{
    case Plug = 'plug';
    case Cap = 'cap';
    case Disc = 'disc';
    case Tape = 'tape';
    case Bolt = 'bolt';
    case Foil = 'foil';
    case Cover = 'cover';
    case Fleece = 'fleece';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }

    /** What it does best, and where it lets one down. */
    public function says(): string
    {
        return match ($this) {
            self::Plug => 'pulled, not pushed, in a blind hole; it must let its air out.',
            self::Cap => 'over studs; a drop of powder at its foot is cut before it is pulled.',
            self::Disc => 'punched round; one press, no overlap.',
            self::Tape => 'cuts clean on flats; split round a hook, it follows.',
            self::Bolt => 'an old bolt of the thread, run in by hand; turned a little before the bake.',
            self::Foil => 'whole ends and insides; stands any bake, lets powder under its folds.',
            self::Cover => 'for spraying only where the bake is too hot for it; off before the oven.',
            self::Fleece => 'keeps overspray off what hangs near; never into the oven.',
        };
    }

    /** Whether it may be on the part in an oven, whatever it is rated. */
    public function seesOven(): bool
    {
        return $this !== self::Fleece;
    }

    /** Minutes to put one on and take it off again. House figures, unverified. */
    public function minutes(): float
    {
        return match ($this) {
            self::Plug, self::Cap => 0.4,
            self::Disc => 0.8,
            self::Tape => 2.5,
            self::Bolt => 0.6,
            self::Foil => 1.5,
            self::Cover, self::Fleece => 1.0,
        };
    }
}
