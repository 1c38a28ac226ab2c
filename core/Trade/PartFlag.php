<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What else is so of a part: a tick at the counter, or somewhere on its way. */
enum PartFlag: string
{
    case Oily = 'oily';
    case PlatingNew = 'plating_new';
    case Hardened = 'hardened';
    case HeatTreated = 'heat_treated';
    case Vented = 'vented';
    case PlugsCloseHollow = 'plugs_close_hollow';
    case GasFree = 'gas_free';
    case FromCold = 'from_cold';
    case FoodContact = 'food_contact';
    case FittingsNotCadmium = 'fittings_not_cadmium';
    case NoFactoryClear = 'no_factory_clear';
    case FailedTry = 'failed_try';
    case SoftStays = 'soft_stays';
    case HitByStones = 'hit_by_stones';
    case HitByTools = 'hit_by_tools';
    case ChemicalsOnFace = 'chemicals_on_face';
    case ForTenYears = 'for_ten_years';
    case BaredAfter = 'bared_after';
    case OldPrimerTight = 'old_primer_tight';

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
            self::GasFree => 'cleaned and certified gas-free',
            self::FromCold => 'carried in from the cold today',
            self::FoodContact => 'food or drinking water will touch it',
            self::FittingsNotCadmium => 'plated fittings are known not to be cadmium',
            self::NoFactoryClear => 'bare light metal is known to carry no clear',
            self::FailedTry => 'somebody coated it before, and it failed',
            self::SoftStays => 'rubber or plastic that cannot come off',
            self::HitByStones => 'stones will hit it',
            self::HitByTools => 'tools will hit it',
            self::ChemicalsOnFace => 'chemicals on one face of it',
            self::ForTenYears => 'to last ten years and more',
            self::BaredAfter => 'letters or edges are sanded bare after the bake',
            self::OldPrimerTight => 'existing primer or film is sound all over',
        };
    }
}
