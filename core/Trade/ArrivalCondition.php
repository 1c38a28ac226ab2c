<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What is on a part when it comes in. */
enum ArrivalCondition: string
{
    case Bare = 'bare';
    case MillScale = 'mill_scale';
    case LightRust = 'light_rust';
    case Rust = 'rust';
    case Paint = 'paint';
    case TwoPartPaint = 'two_part_paint';
    case OldPowder = 'old_powder';
    case PlasticCoating = 'plastic_coating';
    case Plating = 'plating';
    case Grease = 'grease';
    case FactoryClear = 'factory_clear';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::LightRust => 'light rust, a film that wipes brown',
            self::TwoPartPaint => 'two-part paint',
            self::PlasticCoating => 'PVC, nylon or fluoropolymer',
            self::FactoryClear => 'factory clear on bare metal',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /**
     * How fast it is blasted off, m²/h with aluminium oxide at 8 mm and 7 bar. House figures of general practice,
     * unverified; the shop's own factor corrects them.
     */
    public function blastM2PerH(): float
    {
        return match ($this) {
            self::Bare => 12.0,
            self::LightRust => 10.0,
            self::Rust, self::Grease => 8.0,
            self::MillScale => 7.0,
            self::Paint, self::FactoryClear => 6.0,
            self::TwoPartPaint => 3.5,
            self::Plating => 3.0,
            self::OldPowder, self::PlasticCoating => 2.5,
        };
    }

    /** A coating a stripper can take off. */
    public function isCoating(): bool
    {
        return in_array($this, [
            self::Paint,
            self::TwoPartPaint,
            self::OldPowder,
            self::PlasticCoating,
            self::FactoryClear,
        ], true);
    }

    /** Cross-linked: slow and dirty to blast, so a stripper loosens it first. */
    public function isCrossLinked(): bool
    {
        return in_array($this, [self::TwoPartPaint, self::OldPowder], true);
    }

    /** Paint of unknown age, which may hold lead or chromate. */
    public function isPaint(): bool
    {
        return in_array($this, [self::Paint, self::TwoPartPaint], true);
    }

    /** The slowest to blast of these, m²/h; that of bare metal where there is nothing. */
    public static function slowestM2PerH(self ...$on): float
    {
        $rates = array_map(fn (self $one): float => $one->blastM2PerH(), $on);

        return min([self::Bare->blastM2PerH(), ...array_values($rates)]);
    }

    /** @param  list<self>  $on  as read in a sentence */
    public static function list(array $on): string
    {
        return implode(', ', array_map(fn (self $one): string => $one->label(), $on));
    }
}
