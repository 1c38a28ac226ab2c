<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a powder's sheet says of it before its clear goes on. */
enum BeforeClear: string
{
    case Silent = 'silent';
    case Flowed = 'flowed';
    case Cured = 'cured';
    case Either = 'either';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Silent => 'the sheet does not say',
            self::Flowed => 'flowed only',
            self::Cured => 'fully cured',
            self::Either => 'either way',
        };
    }

    /** Whether a fully cured film is right under its clear, unabraded. */
    public function allowsCured(): bool
    {
        return in_array($this, [self::Cured, self::Either], true);
    }
}
