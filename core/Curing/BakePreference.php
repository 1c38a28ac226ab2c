<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Trade\PolicyChoice;

/** Which of the bakes that serve is planned; the first is the shop's default, and silent in a file means shortest. */
enum BakePreference: string implements PolicyChoice
{
    case Widest = 'widest';
    case Shortest = 'shortest';
    case Energy = 'energy';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Widest => 'widest window',
            self::Shortest => 'shortest',
            self::Energy => 'least energy',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Widest => 'the coolest that costs at most a quarter more time and leaves six minutes to pull it in.',
            self::Shortest => 'the oven is free soonest; there may be little time between done and too much.',
            self::Energy => 'the fewest kilowatt hours, however long it takes.',
        };
    }
}
