<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Blasting;

use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\InvalidInput;

/** The blast media a small cabinet or pot is run with. */
final class Media
{
    private const SOURCE = 'general practice for small cabinets and pots, house figures, unverified';

    /** @return array<string, Medium> by key */
    public static function all(): array
    {
        static $all = null;

        /** @var array<string, Medium> */
        return $all ??= array_column(array_map(fn (Medium $one): array => [$one->key, $one], self::records()), 1, 0);
    }

    /** @throws InvalidInput when no medium has that key */
    public static function get(string $key): Medium
    {
        return self::find($key)
            ?? throw InvalidInput::outside('media', $key, 'one of '.implode(', ', self::keys()));
    }

    /** Null when no medium has that key. */
    public static function find(string $key): ?Medium
    {
        return self::all()[$key] ?? null;
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::all());
    }

    /** @return array<string, string> key to name */
    public static function names(): array
    {
        return array_map(fn (Medium $one): string => $one->name, self::all());
    }

    /** @return list<Medium> */
    private static function records(): array
    {
        return [
            new Medium(
                key: 'steel_grit',
                name: 'steel grit',
                ferrous: true,
                hard: true,
                fine: false,
                silica: false,
                residue: false,
                rate: 1.15,
                bestMixture: 1.45,
                cycles: 150.0,
                rzMicrons: 75.0,
                takesOff: ArrivalCondition::cases(),
                grade: 'G40 to G50',
                grainMm: [0.3, 1.0],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'steel_shot',
                name: 'steel shot',
                ferrous: true,
                hard: true,
                fine: false,
                silica: false,
                residue: false,
                rate: 0.9,
                bestMixture: 1.45,
                cycles: 250.0,
                rzMicrons: 65.0,
                takesOff: [
                    ArrivalCondition::Bare,
                    ArrivalCondition::MillScale,
                    ArrivalCondition::LightRust,
                    ArrivalCondition::Rust,
                    ArrivalCondition::Paint,
                ],
                grade: 'S230',
                grainMm: [0.6, 0.9],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'aluminium_oxide',
                name: 'aluminium oxide',
                ferrous: false,
                hard: true,
                fine: false,
                silica: false,
                residue: false,
                rate: 1.0,
                bestMixture: 1.4,
                cycles: 12.0,
                rzMicrons: 60.0,
                takesOff: ArrivalCondition::cases(),
                grade: '36 to 46 mesh',
                grainMm: [0.4, 0.6],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'fine_aluminium_oxide',
                name: 'fine aluminium oxide',
                ferrous: false,
                hard: true,
                fine: true,
                silica: false,
                residue: false,
                rate: 0.6,
                bestMixture: 1.35,
                cycles: 8.0,
                rzMicrons: 25.0,
                takesOff: ArrivalCondition::cases(),
                grade: '80 to 120 mesh',
                grainMm: [0.1, 0.2],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'garnet',
                name: 'garnet',
                ferrous: false,
                hard: true,
                fine: false,
                silica: false,
                residue: false,
                rate: 0.95,
                bestMixture: 1.4,
                cycles: 4.0,
                rzMicrons: 60.0,
                takesOff: ArrivalCondition::cases(),
                grade: '30/60 mesh',
                grainMm: [0.25, 0.6],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'fine_garnet',
                name: 'fine garnet',
                ferrous: false,
                hard: true,
                fine: true,
                silica: false,
                residue: false,
                rate: 0.6,
                bestMixture: 1.35,
                cycles: 3.0,
                rzMicrons: 28.0,
                takesOff: ArrivalCondition::cases(),
                grade: '80 mesh',
                grainMm: [0.15, 0.3],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'crushed_glass',
                name: 'crushed glass',
                ferrous: false,
                hard: true,
                fine: false,
                silica: false,
                residue: false,
                rate: 0.8,
                bestMixture: 1.4,
                cycles: 4.0,
                rzMicrons: 45.0,
                takesOff: ArrivalCondition::cases(),
                grade: '40/70 mesh',
                grainMm: [0.2, 0.4],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'glass_bead',
                name: 'glass bead',
                ferrous: false,
                hard: true,
                fine: true,
                silica: false,
                residue: false,
                rate: 0.4,
                bestMixture: 1.35,
                cycles: 15.0,
                rzMicrons: 8.0,
                takesOff: [
                    ArrivalCondition::Bare,
                    ArrivalCondition::LightRust,
                    ArrivalCondition::Rust,
                    ArrivalCondition::Paint,
                ],
                grade: '70/140 mesh',
                grainMm: [0.1, 0.2],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'plastic',
                name: 'plastic media',
                ferrous: false,
                hard: false,
                fine: true,
                silica: false,
                residue: false,
                rate: 0.35,
                bestMixture: 1.3,
                cycles: 8.0,
                rzMicrons: 2.0,
                takesOff: [ArrivalCondition::Paint, ArrivalCondition::TwoPartPaint, ArrivalCondition::PlasticCoating],
                grade: '20/40 mesh',
                grainMm: [0.4, 0.9],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'walnut',
                name: 'walnut shell',
                ferrous: false,
                hard: false,
                fine: true,
                silica: false,
                residue: false,
                rate: 0.3,
                bestMixture: 1.3,
                cycles: 3.0,
                rzMicrons: 2.0,
                takesOff: [ArrivalCondition::Paint],
                grade: '18/40 mesh',
                grainMm: [0.4, 1.0],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'soda',
                name: 'baking soda',
                ferrous: false,
                hard: false,
                fine: true,
                silica: false,
                residue: true,
                rate: 0.3,
                bestMixture: 1.3,
                cycles: 1.0,
                rzMicrons: 1.0,
                takesOff: [ArrivalCondition::Paint, ArrivalCondition::Grease],
                grade: 'fine grade',
                grainMm: [0.1, 0.3],
                source: self::SOURCE,
            ),
            new Medium(
                key: 'silica_sand',
                name: 'silica sand',
                ferrous: false,
                hard: true,
                fine: false,
                silica: true,
                residue: false,
                rate: 0.9,
                bestMixture: 1.4,
                cycles: 1.0,
                rzMicrons: 55.0,
                takesOff: ArrivalCondition::cases(),
                grade: 'any',
                grainMm: null,
                source: self::SOURCE,
            ),
        ];
    }
}
