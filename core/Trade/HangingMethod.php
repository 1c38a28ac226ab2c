<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** When to hang; the first is the default. */
enum HangingMethod: string implements PolicyChoice
{
    case AfterWash = 'after_wash';
    case BeforeWash = 'before_wash';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::AfterWash => 'after the wash',
            self::BeforeWash => 'before the wash',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::AfterWash => 'washed in baskets or by hand; every piece is handled clean once more.',
            self::BeforeWash => 'one handling, and the rack goes through the bath; hooks must let it drain.',
        };
    }
}
