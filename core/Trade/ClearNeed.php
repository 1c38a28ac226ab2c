<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a powder's sheet says of a clear on it. */
enum ClearNeed: string
{
    case Silent = 'silent';
    case Needed = 'needed';
    case Optional = 'optional';
    case Spoils = 'spoils';
    case Completes = 'completes';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Silent => 'the sheet does not say',
            self::Needed => 'needs one',
            self::Optional => 'may have one',
            self::Spoils => 'a clear spoils it',
            self::Completes => 'a clear completes its effect',
        };
    }

    /** Without a clear it is not what it was bought for. */
    public function asksClear(): bool
    {
        return in_array($this, [self::Needed, self::Completes], true);
    }
}
