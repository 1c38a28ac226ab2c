<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Coat cold or warm; the first is the default. */
enum CoatPolicy: string implements PolicyChoice
{
    case Cold = 'cold';
    case Warm = 'warm';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Cold => 'cold',
            self::Warm => 'warm',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Cold => 'even film, can be blown off and done again.',
            self::Warm => 'helps recesses and gas; thick in a blink, and never above the softening point.',
        };
    }
}
