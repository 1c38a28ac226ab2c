<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Trade\BakeTo;

/** What a layer has become. */
enum CureState: string
{
    case Raw = 'raw';
    case Flowed = 'flowed';
    case PartCured = 'part_cured';
    case Cured = 'cured';
    case Overbaked = 'overbaked';

    /** Whether a layer that is this is what it was baked for. */
    public function serves(BakeTo $to): bool
    {
        return match ($this) {
            self::Cured => true,
            self::PartCured => $to->stopsShort(),
            self::Flowed => $to === BakeTo::Flow,
            self::Raw, self::Overbaked => false,
        };
    }

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Raw => 'not melted',
            self::Flowed => 'flowed',
            self::PartCured => 'part cured',
            self::Cured => 'fully cured',
            self::Overbaked => 'over-baked',
        };
    }
}
