<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a part has that somebody must know of. */
enum Feature: string
{
    case Threads = 'threads';
    case Bores = 'bores';
    case Seats = 'seats';
    case Faces = 'faces';
    case Seams = 'seams';
    case Recesses = 'recesses';
    case SharpEdges = 'sharp_edges';
    case StampedPlate = 'stamped_plate';
    case SealedHollow = 'sealed_hollow';
    case SolderOrWhiteMetal = 'solder_or_white_metal';
    case RubberOrPlastic = 'rubber_or_plastic';
    case SealedBearings = 'sealed_bearings';
    case PackedGrease = 'packed_grease';
    case OilPassages = 'oil_passages';
    case PlatedFittings = 'plated_fittings';
    case StrongFasteners = 'strong_fasteners';
    case HeldFuel = 'held_fuel';
    case Weights = 'weights';
    case Inserts = 'inserts';
    case Valves = 'valves';
    case Caps = 'caps';
    case Hoses = 'hoses';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::SealedHollow => 'hollow that is closed',
            self::SolderOrWhiteMetal => 'solder or white metal',
            self::RubberOrPlastic => 'rubber or plastic',
            self::PlatedFittings => 'yellow or grey plated fittings',
            self::StrongFasteners => 'high-strength bolts or springs (10.9, 12.9)',
            self::HeldFuel => 'tank or drum that held fuel or solvent',
            self::Weights => 'balance weights',
            self::Inserts => 'thread inserts with plastic in them',
            self::Caps => 'caps and badges',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** Takes a plug or a cap before the blast. */
    public function isPlugged(): bool
    {
        return in_array($this, [self::Threads, self::Bores], true);
    }

    /** Takes tape or a disc, and stays metal. */
    public function isTaped(): bool
    {
        return in_array($this, [self::Seats, self::Faces, self::StampedPlate], true);
    }

    /** Burns, melts or fouls everything: off before the work begins. */
    public function isSoft(): bool
    {
        return in_array($this, [
            self::RubberOrPlastic,
            self::SealedBearings,
            self::PackedGrease,
            self::Inserts,
            self::Valves,
            self::Caps,
            self::Hoses,
        ], true);
    }

    /** Keeps media, so that it is blown out. */
    public function keepsMedia(): bool
    {
        return in_array($this, [self::Seams, self::Threads, self::Recesses, self::Bores], true);
    }
}
