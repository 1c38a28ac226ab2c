<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

/** How well the nozzle can stand square to the work. */
enum Access: string
{
    case Open = 'open';
    case SomeRecesses = 'some_recesses';
    case Deep = 'deep';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Open => 'open',
            self::SomeRecesses => 'some recesses',
            self::Deep => 'deep, boxed in',
        };
    }

    /** Share of the base rate that is left. House figures, unverified. */
    public function share(): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::SomeRecesses => 0.75,
            self::Deep => 0.5,
        };
    }
}
