<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** The last clean; the first is the default. */
enum FinalCleanMethod: string implements PolicyChoice
{
    case ByUse = 'by_use';
    case Solvent = 'solvent';
    case Detergent = 'detergent';
    case Pretreat = 'pretreat';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::ByUse => 'by metal and use',
            self::Solvent => 'solvent wipe',
            self::Detergent => 'detergent wash',
            self::Pretreat => 'phosphate or conversion',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::ByUse => 'outdoor work gets a conversion coat, indoor work a wipe.',
            self::Solvent => 'quick and dry; no extra hold on the metal.',
            self::Detergent => 'gets salts off; needs an oven dry.',
            self::Pretreat => 'best hold and least creep; longest, and a bath to keep.',
        };
    }
}
