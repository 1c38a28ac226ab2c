<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a licensed process on record is licensed for: a license for one hazard does not release another. */
enum LicensedHazard: string
{
    case LeadAndChromate = 'lead_chromate';
    case Magnesium = 'magnesium';

    /** As a person picks it. */
    public function label(): string
    {
        return match ($this) {
            self::LeadAndChromate => 'lead and chromate paint',
            self::Magnesium => 'magnesium',
        };
    }
}
