<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** When to mask; the first is the default. */
enum MaskingPolicy: string implements PolicyChoice
{
    case PlugsEarly = 'plugs_early';
    case AllEarly = 'all_early';
    case AllLate = 'all_late';
    case OffForBakeOut = 'off_for_bake_out';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::PlugsEarly => 'plugs before, tape after',
            self::AllEarly => 'all before blasting',
            self::AllLate => 'all after bake-out',
            self::OffForBakeOut => 'for the blast, off for the bake-out, on again',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::PlugsEarly => 'protects bores from media; tape is fresh for the powder.',
            self::AllEarly => 'one go, but tape must stand blast and every bake.',
            self::OffForBakeOut => 'nothing bare sees media and no mask is cooked; everything goes on twice.',
            self::AllLate => 'fresh masks; bores have seen the media and must be blown out.',
        };
    }
}
