<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Rust that is all there is; the first is the default. */
enum RustMethod: string implements PolicyChoice
{
    case Blast = 'blast';
    case Convert = 'convert';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Blast => 'blast it',
            self::Convert => 'rust converter',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Blast => 'clean metal with a tooth; the surest.',
            self::Convert => 'no blast; two coats and a day of waiting, and it holds less.',
        };
    }
}
