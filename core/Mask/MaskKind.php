<?php

declare(strict_types=1);

namespace Aenum\Core\Mask;

/** What a mask is. */
enum MaskKind: string
{
    case Plug = 'plug';
    case Cap = 'cap';
    case Disc = 'disc';
    case Tape = 'tape';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }

    /** Minutes to put one on and take it off again. House figures, unverified. */
    public function minutes(): float
    {
        return match ($this) {
            self::Plug, self::Cap => 0.4,
            self::Disc => 0.8,
            self::Tape => 2.5,
        };
    }
}
