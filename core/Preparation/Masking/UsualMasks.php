<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

/**
 * The masks nearly every shop has, by what they seal: a shelf to begin with. How many of each are there is counted by
 * the shop; none is until then. Sizes are house figures, made so that neighbours meet; ratings are the material's.
 */
final class UsualMasks
{
    private const SILICONE = [
        [MaskKind::Plug, [[3, 5], [5, 7], [7, 10], [10, 14], [14, 18], [18, 23], [23, 28], [28, 35]]],
        [MaskKind::Cap, [[4, 6], [6, 9], [9, 13], [13, 18], [18, 25]]],
    ];

    /** What is cut from a sheet, or comes in a width: from, to, mm. */
    private const TAPES = [
        [MaskKind::Disc, MaskMaterial::Polyester, 10, 150],
        [MaskKind::Disc, MaskMaterial::Polyimide, 10, 150],
        [MaskKind::Tape, MaskMaterial::Polyester, 25, 25],
        [MaskKind::Tape, MaskMaterial::Polyester, 50, 50],
        [MaskKind::Tape, MaskMaterial::Polyimide, 25, 25],
        [MaskKind::Tape, MaskMaterial::GlassCloth, 25, 25],
    ];

    /** @return list<StockMask> none counted yet */
    public static function all(): array
    {
        $masks = [];
        foreach (self::SILICONE as [$kind, $sizes]) {
            foreach ($sizes as [$from, $to]) {
                $masks[] = self::mask($kind, MaskMaterial::Silicone, $from, $to);
            }
        }
        foreach (self::TAPES as [$kind, $material, $from, $to]) {
            $masks[] = self::mask($kind, $material, $from, $to);
        }

        return $masks;
    }

    private static function mask(MaskKind $kind, MaskMaterial $of, int $from, int $to): StockMask
    {
        $size = $from === $to ? (string) $from : "{$from} to {$to}";
        $name = "{$kind->value} {$size}, {$of->label()}";

        return new StockMask(0, $name, $kind, $of->value, $from, $to, $of->ratedC(), 0);
    }
}
