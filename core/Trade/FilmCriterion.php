<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How film readings are accepted; the first is the default. */
enum FilmCriterion: string implements PolicyChoice
{
    case Plain = 'plain';
    case Eighty = 'eighty';
    case Spot = 'spot';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Plain => 'every reading in the band',
            self::Eighty => 'mean at the nominal, none under 80 % of it',
            self::Spot => 'spots of three readings',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Plain => 'strict and simple; one bad reading fails the part.',
            self::Eighty => 'forgives single thin readings where the mean is right; none over 120 % of the upper '
                .'limit.',
            self::Spot => 'three readings at each spot, five spots or more by area: every spot within 80 to 120 % of '
                .'the limits, and their mean in the band.',
        };
    }
}
