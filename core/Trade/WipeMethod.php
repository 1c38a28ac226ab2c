<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** When the last wipe happens; the first is the default. */
enum WipeMethod: string implements PolicyChoice
{
    case BeforeMasking = 'before_masking';
    case AfterMasking = 'after_masking';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::BeforeMasking => 'before masking',
            self::AfterMasking => 'after masking',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::BeforeMasking => 'tape grips clean metal; gloves only from then on.',
            self::AfterMasking => 'takes off what masking left; solvent must stay off tape edges.',
        };
    }
}
