<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

/** What decides how a metal may be stripped, blasted, pretreated and heated. */
enum MetalFamily: string
{
    case CarbonSteel = 'carbon_steel';
    case Galvanised = 'galvanised';
    case Stainless = 'stainless';
    case CastIron = 'cast_iron';
    case LightAlloy = 'light_alloy';
    case Zinc = 'zinc';
    case CopperAlloy = 'copper_alloy';
    case Magnesium = 'magnesium';
    case LowMelting = 'low_melting';
    /** Board, glass, plastic: told at the counter what is not offered. */
    case NonMetal = 'non_metal';
    /** A word this release does not know, or a metal given by its specific heat alone. */
    case Unknown = 'unknown';

    /** Steel or iron underneath: what a zinc-rich primer protects, and what acid may make brittle. */
    public function isSteel(): bool
    {
        return in_array($this, [self::CarbonSteel, self::Galvanised, self::CastIron], true);
    }

    /** Hardened, it is softened by heat and cracked by hydrogen: any steel, stainless included. */
    public function hardens(): bool
    {
        return $this->isSteel() || $this === self::Stainless;
    }

    /** Rusts by itself once blasted; the only metals ferrous media may touch. */
    public function rusts(): bool
    {
        return in_array($this, [self::CarbonSteel, self::CastIron], true);
    }

    /** Its blast dust burns or explodes (NFPA 484 lists aluminium, magnesium and zinc among combustible metals). */
    public function dustExplodes(): bool
    {
        return in_array($this, [self::LightAlloy, self::Zinc, self::Magnesium], true);
    }
}
