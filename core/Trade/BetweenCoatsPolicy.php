<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Between coats; the first is the default. */
enum BetweenCoatsPolicy: string implements PolicyChoice
{
    case Flow = 'flow';
    case Part = 'part';
    case Full = 'full';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Flow => 'flow only',
            self::Part => 'part cure',
            self::Full => 'full cure',
        };
    }

    /** How far the coat below is baked. */
    public function bakeTo(): BakeTo
    {
        return BakeTo::from($this->value);
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Flow => 'the next coat bonds; the film is tender meanwhile.',
            self::Part => 'tougher to handle; bonds less.',
            self::Full => 'safe to wait for days; must be abraded.',
        };
    }
}
