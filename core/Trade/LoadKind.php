<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What an oven load is for. */
enum LoadKind: string
{
    case Cure = 'cure';
    case BakeOut = 'bake_out';
    case DryOff = 'dry_off';
    case Warm = 'warm';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Cure => 'cure',
            self::BakeOut => 'bake-out',
            self::DryOff => 'dry-off',
            self::Warm => 'warming',
        };
    }

    /** Where the parts in it hang. */
    public function station(): Station
    {
        return match ($this) {
            self::Cure => Station::Cure,
            self::BakeOut => Station::BakeOut,
            self::DryOff => Station::Wash,
            self::Warm => Station::Coat,
        };
    }
}
