<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** What is done about a fault. */
enum ReworkMethod: string
{
    case Accept = 'accept';
    case Rebake = 'rebake';
    case Recoat = 'recoat';
    case Strip = 'strip';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Accept => 'accept, with a name',
            self::Rebake => 'bake again',
            self::Recoat => 'sand and recoat',
            self::Strip => 'strip and start again',
        };
    }

    /** What was done, in the record's words. */
    public function done(): string
    {
        return match ($this) {
            self::Accept => 'accepted as it is',
            self::Rebake => 'baked again',
            self::Recoat => 'sanded and coated again',
            self::Strip => 'stripped and coated anew',
        };
    }

    /** Whether somebody outside has to agree, by name. */
    public function wantsName(): bool
    {
        return $this === self::Accept;
    }
}
