<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** What a late job waits for longest. */
enum DelayCause: string
{
    /** Its own steps take longer than there is time, with the shop to itself. */
    case Itself = 'itself';

    case Machine = 'machine';

    case Hands = 'hands';

    /** Racks, hooks or carts. */
    case Means = 'means';
}
