<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Seams; the first is the default. */
enum SeamPolicy: string implements PolicyChoice
{
    case Leave = 'leave';
    case Seal = 'seal';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Leave => 'leave them open',
            self::Seal => 'seal them',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Leave => 'a long hot dry gets the water out; rust can bleed later.',
            self::Seal => 'keeps water out for good; a sealer that stands the bake, and its own wait.',
        };
    }
}
