<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How far a coat is baked before the next thing happens to it. */
enum BakeTo: string
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

    /** What the coat is when it is done, as it stands in a sentence. */
    public function past(): string
    {
        return match ($this) {
            self::Flow => 'flowed',
            self::Part => 'part cured',
            self::Full => 'cured',
        };
    }

    /** Whether it is taken out before it is cured, so that another coat goes on. */
    public function stopsShort(): bool
    {
        return $this !== self::Full;
    }

    /** What the next coat then goes on. A cured film is abraded, unless its sheet wants it cured under a clear. */
    public function under(bool $curedBeforeClear): CoatBase
    {
        return match ($this) {
            self::Flow => CoatBase::Flowed,
            self::Part => CoatBase::PartCured,
            self::Full => $curedBeforeClear ? CoatBase::Cured : CoatBase::Abraded,
        };
    }
}
