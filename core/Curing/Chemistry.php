<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** Families of thermosetting powder. */
enum Chemistry: string
{
    case Polyester = 'polyester';
    case Polyurethane = 'polyurethane';
    case Epoxy = 'epoxy';
    case Hybrid = 'hybrid';
    case Acrylic = 'acrylic';

    /** Typical activation energy of the cross-linking, J/mol: used where a sheet gives a single row. */
    public function activationEnergyJPerMol(): float
    {
        return match ($this) {
            self::Polyester, self::Polyurethane => 85000.0,
            self::Epoxy => 75000.0,
            self::Hybrid => 80000.0,
            self::Acrylic => 90000.0,
        };
    }

    /** Holds color and gloss in daylight; epoxy and epoxy hybrids chalk (makers' sheets). */
    public function standsDaylight(): bool
    {
        return ! in_array($this, [self::Epoxy, self::Hybrid], true);
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_column(self::cases(), 'value');
    }
}
