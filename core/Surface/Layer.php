<?php

declare(strict_types=1);

namespace Aenum\Core\Surface;

use Aenum\Core\Trade\ArrivalCondition;

/** Something on the metal under the powder: what came in with the part, or what a step left behind. */
enum Layer: string
{
    case MillScale = 'mill_scale';
    case LightRust = 'light_rust';
    case Rust = 'rust';
    case Paint = 'paint';
    case TwoPartPaint = 'two_part_paint';
    case OldPowder = 'old_powder';
    case PlasticCoating = 'plastic_coating';
    case Plating = 'plating';
    case FactoryClear = 'factory_clear';
    case Grease = 'grease';
    case Converter = 'converter';
    case Phosphate = 'phosphate';
    /** Phosphate that has taken light rust: sound enough indoors. */
    case PhosphateOverRust = 'phosphate_over_rust';
    case Conversion = 'conversion';
    case BakeOxide = 'bake_oxide';
    case BakeOutOil = 'bake_out_oil';

    /** The layer a word of the counter stands for; null for bare metal. */
    public static function found(ArrivalCondition $on): ?self
    {
        return self::tryFrom($on->value);
    }

    /** As a person reads it, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::TwoPartPaint => '2K paint',
            self::PlasticCoating => 'PVC, nylon or fluoropolymer',
            self::FactoryClear => 'factory clear',
            self::Converter => 'rust converter',
            self::PhosphateOverRust => 'phosphate over traces of rust',
            self::Conversion => 'conversion coating',
            self::BakeOxide => 'oxide from the bake-out',
            self::BakeOutOil => 'oil stain from the bake-out',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** An organic film somebody else put on, which carries the powder only if it is sound and keyed. */
    public function isFilm(): bool
    {
        return in_array($this, [self::Paint, self::TwoPartPaint, self::OldPowder, self::FactoryClear], true);
    }

    /** A thin layer a light blast takes off again: formed by a bath, a converter or an oven. */
    public function isThin(): bool
    {
        return in_array($this, [
            self::LightRust, self::Converter, self::Phosphate, self::PhosphateOverRust, self::Conversion,
            self::BakeOxide, self::BakeOutOil,
        ], true);
    }

    /** Built on purpose, so nothing to worry about under powder. */
    public function isBuilt(): bool
    {
        return in_array($this, [self::Converter, self::Phosphate, self::Conversion], true);
    }
}
