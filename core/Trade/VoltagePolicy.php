<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How high the voltage is set; the first is the default. */
enum VoltagePolicy: string implements PolicyChoice
{
    case LowAsItTakes = 'low_as_it_takes';
    case HighOnFlats = 'high_on_flats';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::LowAsItTakes => 'as low as the part accepts, up and further away after',
            self::HighOnFlats => 'high on flats, down in recesses',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::LowAsItTakes => 'recesses fill and second coats stay; a little slower on large flats.',
            self::HighOnFlats => 'quick on flats; kicks sooner, and edges build up.',
        };
    }
}
