<?php

declare(strict_types=1);

namespace Aenum\Core\Word;

/** What else is so of a part: a tick at the counter, or somewhere on its way. */
enum Mark: string
{
    case Oily = 'oily';
    case PlatingNew = 'plating_new';
    case Hardened = 'hardened';
    case HeatTreated = 'heat_treated';
    case Vented = 'vented';
    case PlugsCloseHollow = 'plugs_close_hollow';
    case FittingsNotCadmium = 'fittings_not_cadmium';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Oily => 'was oily once',
            self::PlatingNew => 'its plating is new',
            self::Hardened => 'hardened or sprung',
            self::HeatTreated => 'heat-treated or structural light alloy',
            self::Vented => 'hollows are vented',
            self::PlugsCloseHollow => 'plugs would close every opening of a hollow',
            self::FittingsNotCadmium => 'plated fittings are known not to be cadmium',
        };
    }
}
