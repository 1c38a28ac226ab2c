<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How parts are washed; the first is the default. */
enum WashMethod: string implements PolicyChoice
{
    case Bath = 'bath';
    case Spray = 'spray';
    case Scrub = 'scrub';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Bath => 'baths',
            self::Spray => 'a spray line or lance',
            self::Scrub => 'scrubbed by hand first',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Bath => 'minutes in each; seams and insides fill and drain.',
            self::Spray => 'half a minute to two for each stage, hot; seams want the lance and a long dry.',
            self::Scrub => 'pad and brush take off what no bath does; more hands.',
        };
    }
}
