<?php

declare(strict_types=1);

namespace Aenum\Core\Cure;

/** What a layer has become. */
enum CureState: string
{
    case Raw = 'raw';
    case Flowed = 'flowed';
    case PartCured = 'part_cured';
    case Cured = 'cured';
    case Overbaked = 'overbaked';

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
