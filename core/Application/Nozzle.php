<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What shapes the cloud at a gun's mouth. */
enum Nozzle: string
{
    case Slot = 'slot';
    case Round = 'round';
    case Deflector = 'deflector';
    case Cross = 'cross';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Slot => 'flat slot',
            self::Cross => 'cross slot',
            default => $this->value,
        };
    }
}
