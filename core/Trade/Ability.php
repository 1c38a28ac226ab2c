<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a device's token lets it do. */
enum Ability: string
{
    case Read = 'read';
    case Readings = 'readings';
    case Film = 'film';
    case Weight = 'weight';

    /** In words, after "may". */
    public function label(): string
    {
        return match ($this) {
            self::Read => 'look at the rail, jobs, bakes and the day',
            self::Readings => 'send a thermometer\'s readings and a logger\'s samples',
            self::Film => 'send a film gauge\'s readings',
            self::Weight => 'send a scale\'s weight',
        };
    }

    /** Whether what it sends changes the shop's record: who only looks may not give it away. */
    public function writes(): bool
    {
        return $this !== self::Read;
    }
}
