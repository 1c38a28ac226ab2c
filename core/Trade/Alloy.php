<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Which family of light alloy, as far as its strength under heat goes. */
enum Alloy: string
{
    case Unknown = 'unknown';
    case NotHeatTreatable = 'not_heat_treatable';
    case CastAged = 'cast_aged';
    case Aged6xxx = 'aged_6xxx';
    case Aged7xxx = 'aged_7xxx';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Unknown => 'not known',
            self::NotHeatTreatable => 'not heat-treated (3xxx, 5xxx, as cast)',
            self::CastAged => 'cast and heat-treated (A356-T6 and the like)',
            self::Aged6xxx => '6xxx, artificially aged',
            self::Aged7xxx => '7xxx, artificially aged',
        };
    }
}
