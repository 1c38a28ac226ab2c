<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What is looked at while the powder is raw: wrong now costs a blow-off, wrong after the bake a strip. */
enum PreOven: string
{
    case Torch = 'torch';
    case RawFilm = 'raw_film';
    case Wiped = 'wiped';
    case TapeEdges = 'tape_edges';
    case ClipMark = 'clip_mark';
    case Apart = 'apart';
    case MasksCounted = 'masks_counted';

    /** As it is ticked. */
    public function label(): string
    {
        return match ($this) {
            self::Torch => 'Torch into every recess: covered to the floor',
            self::RawFilm => 'Comb or gauge on raw powder at three to five spots',
            self::Wiped => 'Powder wiped off seats, bores and clamping faces',
            self::TapeEdges => 'Tape edges sharp, no bridge of powder to tear',
            self::ClipMark => 'Clip moved, its mark dusted over',
            self::Apart => 'Nothing touches anything',
            self::MasksCounted => 'Masks counted: all there',
        };
    }

    /** Ticked at each pin that asks for it. */
    public function isPerPin(): bool
    {
        return in_array($this, [self::Torch, self::Wiped], true);
    }
}
