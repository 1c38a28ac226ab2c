<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

/** How much a finding weighs. */
enum Severity: string
{
    /** Cannot go on without changing something. */
    case Stop = 'stop';
    /** Can go on when a named person signs. */
    case Sign = 'sign';
    case Warn = 'warn';
    case Note = 'note';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }

    /** Heaviest first. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Sign => 1,
            self::Warn => 2,
            self::Note => 3,
        };
    }
}
